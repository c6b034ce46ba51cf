package org.goldentally.core.account;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import java.util.function.Predicate;
import org.goldentally.core.account.ClothLedger.Opened;
import org.goldentally.core.account.ClothLedger.ToBuy;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.cutting.CuttingRules;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.cutting.yardage.Demand;
import org.goldentally.core.cutting.yardage.PiecePlanner;
import org.goldentally.core.cutting.yardage.Section;
import org.goldentally.core.cutting.yardage.SectionPlanner;
import org.goldentally.core.cutting.yardage.SectionedPlan;
import org.goldentally.core.cutting.yardage.Strip;
import org.goldentally.core.cutting.yardage.YardagePlan;
import org.goldentally.core.cutting.yardage.YardagePlanner;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.Length;

/**
 * Cuts one cloth by a plan: several sizes from each strip.
 *
 * <ol>
 *   <li>All lengths become whole marks of the finest ruler that the cut sizes need; what a piece of cloth measures beyond
 *       whole marks is left at its edge.
 *   <li>Scraps, strips, squares and fat quarters come first, kind by kind ({@link PiecePlanner}).
 *   <li>Then yardage on hand: all that is still open is planned as if it were long enough; of these strips, those that use
 *       most of the length are cut from it.
 *   <li>What is left is planned anew, from cloth to buy ({@link YardagePlanner}).
 * </ol>
 */
final class PlannedCutting {

    /** Finer than this the search would be slow: 4,000 marks across, a tenth of a millimetre on the widest cloth. */
    private static final long MOST_MARKS = 4_000;

    private final CuttingRequest request;
    private final Predicate<Integer> goOn;
    private final CuttingStyle style;
    private final Length mark;
    private final List<CutSize> sizes;
    private final List<List<ClothCut>> wantedOfSize = new ArrayList<>();
    private final int[] open;
    private final List<Opened> opened = new ArrayList<>();
    private final List<ShelfPieces> untouched = new ArrayList<>();

    private PlannedCutting(CuttingRequest request, List<ClothCut> cuts, Length mark, Predicate<Integer> goOn) {
        this.request = request;
        this.goOn = goOn;
        this.style = request.choice().style();
        this.mark = mark;
        Map<CutSize, List<ClothCut>> bySize = new LinkedHashMap<>();
        cuts.forEach(cut ->
                bySize.computeIfAbsent(cut.size(), any -> new ArrayList<>()).add(cut));
        this.sizes = List.copyOf(bySize.keySet());
        this.open = new int[sizes.size()];
        for (int i = 0; i < open.length; i++) {
            wantedOfSize.add(new ArrayList<>(bySize.get(sizes.get(i))));
            open[i] = Math.toIntExact(
                    wantedOfSize.get(i).stream().mapToLong(ClothCut::count).sum());
        }
    }

    /**
     * The account; empty where the cut sizes lie on no common ruler, so that they can only be cut plainly.
     *
     * @param cuts the request's, alike ones together
     * @param goOn asked now and then with the best length so far; the search ends when it says no
     */
    static Optional<ClothLedger> account(CuttingRequest request, List<ClothCut> cuts, Predicate<Integer> goOn) {
        List<Length> sides = new ArrayList<>();
        cuts.forEach(cut -> {
            sides.add(cut.size().width());
            sides.add(cut.size().height());
        });
        long[] marks = Length.inCommonMeasure(sides.toArray(Length[]::new));
        if (marks.length == 0 || marks[0] == 0) {
            return Optional.empty();
        }
        Length mark = sides.getFirst().dividedBy(marks[0]);
        if (request.widthToBuy().wholeTimes(mark) > MOST_MARKS) {
            return Optional.empty();
        }
        return Optional.of(new PlannedCutting(request, cuts, mark, goOn).account(cuts));
    }

    private ClothLedger account(List<ClothCut> cuts) {
        List<ShelfPieces> fixed = new ArrayList<>(request.shelf());
        fixed.sort(PlainCutting.KEEP_MOST_USEFUL);
        for (ShelfPieces pieces : fixed) {
            if (pieces.piece().form() == PieceForm.YARDAGE) {
                cutYardage(pieces);
            } else {
                cutFixed(pieces);
            }
        }
        List<ClothCut> missing = missing();
        List<ClothCut> tooLarge = new ArrayList<>();
        Optional<ToBuy> toBuy = buy(tooLarge);
        return new ClothLedger(
                request, cuts, List.copyOf(opened), List.copyOf(untouched), missing, toBuy, List.copyOf(tooLarge));
    }

    private List<ClothCut> missing() {
        List<ClothCut> missing = new ArrayList<>();
        for (int i = 0; i < open.length; i++) {
            if (open[i] > 0) {
                missing.addAll(wantedOfSize.get(i));
            }
        }
        return missing;
    }

    /** What is still open and fits cloth so wide and long, with the size that each item of the demand stands for. */
    private record Fitting(Demand demand, int[] sizeOf) {}

    private Optional<Fitting> fitting(Length width, int longest) {
        int across = Math.toIntExact(width.wholeTimes(mark));
        List<Demand.Item> items = new ArrayList<>();
        List<Integer> sizeOf = new ArrayList<>();
        for (int i = 0; i < open.length; i++) {
            if (open[i] > 0) {
                Demand.Item item = new Demand.Item(
                        Math.toIntExact(sizes.get(i).width().wholeTimes(mark)),
                        Math.toIntExact(sizes.get(i).height().wholeTimes(mark)),
                        open[i],
                        sizes.get(i).turnable());
                if (Demand.fits(item, across, longest)) {
                    items.add(item);
                    sizeOf.add(i);
                }
            }
        }
        if (items.isEmpty()) {
            return Optional.empty();
        }
        int tallest =
                Math.toIntExact(UsualSizes.of(request.system()).tallestStrip().wholeTimes(mark));
        return Optional.of(new Fitting(
                new Demand(across, longest, items, tallest),
                sizeOf.stream().mapToInt(Integer::intValue).toArray()));
    }

    private void cutFixed(ShelfPieces pieces) {
        int longest = Math.toIntExact(pieces.piece().length().wholeTimes(mark));
        Optional<Fitting> fitting = fitting(pieces.piece().width(), longest);
        int left = pieces.count();
        if (fitting.isPresent()) {
            for (PiecePlanner.Layout layout : PiecePlanner.plan(fitting.get().demand(), pieces.count(), style)) {
                for (int n = 0; n < layout.count(); n++) {
                    cut(pieces, List.of(), layout.strips(), fitting.get());
                    left--;
                }
            }
        }
        keepWhole(pieces, left);
    }

    private void cutYardage(ShelfPieces pieces) {
        int left = pieces.count();
        Length squared = pieces.piece().length().minus(request.squaringUp());
        if (!squared.isPositive()) {
            keepWhole(pieces, left);
            return;
        }
        int longest = Math.toIntExact(squared.wholeTimes(mark));
        for (; left > 0; left--) {
            Optional<Fitting> fitting = fitting(pieces.piece().width(), longest);
            if (fitting.isEmpty()) {
                break;
            }
            SectionedPlan plan = plan(fitting.get().demand(), length -> Math.max(longest, length));
            List<Section> sections = new ArrayList<>();
            int used = 0;
            for (Section section : plan.sections()) {
                if (used + section.height() <= longest) {
                    sections.add(section);
                    used += section.height();
                }
            }
            List<Strip> strips = withinLength(plan.strips(), longest - used);
            if (sections.isEmpty() && strips.isEmpty()) {
                break;
            }
            cut(pieces, sections, strips, fitting.get());
        }
        keepWhole(pieces, left);
    }

    /**
     * A plan that is as good as is needed; who asks for more effort gets the shortest that is found.
     *
     * @param counts what a length counts as
     */
    private SectionedPlan plan(Demand demand, IntUnaryOperator counts) {
        int effort = request.choice().effort();
        if (request.rules() == CuttingRules.FORMER) {
            YardagePlan strips = YardagePlanner.plan(demand, style, effort * YardagePlanner.USUAL_BUDGET, goOn);
            return new SectionedPlan(demand, List.of(), strips.strips(), strips.lowerBound());
        }
        SectionedPlan plan = SectionPlanner.plan(
                demand,
                style,
                effort * YardagePlanner.USUAL_BUDGET,
                effort > PlanDesign.USUAL_EFFORT ? IntUnaryOperator.identity() : counts,
                goOn);
        if (!plan.faults().isEmpty()) {
            throw new IllegalStateException("a plan that cannot be cut: " + plan.faults());
        }
        return plan;
    }

    /** Of the strips, those that together use most of the length: all of them, if it is long enough. */
    private static List<Strip> withinLength(List<Strip> strips, int longest) {
        int all = strips.stream().mapToInt(Strip::height).sum();
        if (all <= longest) {
            return strips;
        }
        int[] firstStrip = new int[longest + 1];
        java.util.Arrays.fill(firstStrip, -1);
        boolean[] reached = new boolean[longest + 1];
        reached[0] = true;
        for (int s = 0; s < strips.size(); s++) {
            int height = strips.get(s).height();
            for (int length = longest; length >= height; length--) {
                if (!reached[length] && reached[length - height]) {
                    reached[length] = true;
                    firstStrip[length] = s;
                }
            }
        }
        int used = longest;
        while (!reached[used]) {
            used--;
        }
        List<Strip> chosen = new ArrayList<>();
        while (used > 0) {
            Strip strip = strips.get(firstStrip[used]);
            chosen.add(strip);
            used -= strip.height();
        }
        return chosen;
    }

    private void keepWhole(ShelfPieces pieces, int left) {
        if (left > 0) {
            untouched.add(new ShelfPieces(pieces.key(), left, pieces.piece()));
        }
    }

    private void cut(ShelfPieces pieces, List<Section> sections, List<Strip> strips, Fitting fitting) {
        OpenedPiece piece = lay(pieces.piece(), sections, strips, fitting);
        for (int i = 0; i < opened.size(); i++) {
            Opened known = opened.get(i);
            if (known.key().equals(pieces.key()) && known.piece().equals(piece)) {
                opened.set(i, new Opened(known.key(), known.count() + 1, piece));
                return;
            }
        }
        opened.add(new Opened(pieces.key(), 1, piece));
    }

    private OpenedPiece lay(ClothPiece piece, List<Section> sections, List<Strip> strips, Fitting fitting) {
        Length squaringUp = piece.form() == PieceForm.YARDAGE ? request.squaringUp() : Length.ZERO;
        return StripLayer.lay(piece, sections, strips, mark, squaringUp, item -> take(fitting.sizeOf()[item]));
    }

    /** The next piece of a size, for the first use that is not served yet. */
    private ClothCut take(int size) {
        open[size]--;
        List<ClothCut> wanted = wantedOfSize.get(size);
        ClothCut first = wanted.getFirst();
        if (first.count() == 1) {
            wanted.removeFirst();
        } else {
            wanted.set(0, first.of(first.count() - 1));
        }
        return first.of(1);
    }

    private Purchase purchase(int marks) {
        return Purchase.of(mark.times(marks).plus(request.squaringUp()), request.system());
    }

    /** How many of the steps in which shops cut. */
    private int stepsToBuy(int marks) {
        return Math.toIntExact(purchase(marks).bought().wholeTimes(Purchase.step(request.system())));
    }

    private Optional<ToBuy> buy(List<ClothCut> tooLarge) {
        Optional<Fitting> fitting = fitting(request.widthToBuy(), Demand.UNLIMITED);
        Optional<ToBuy> toBuy = fitting.map(each -> {
            SectionedPlan plan = plan(each.demand(), this::stepsToBuy);
            Purchase purchase = purchase(plan.length());
            ClothPiece piece = new ClothPiece(
                    PieceForm.YARDAGE, request.widthToBuy(), purchase.bought(), ClothPiece.Edge.STRAIGHT);
            return new ToBuy(
                    purchase,
                    lay(piece, plan.sections(), plan.strips(), each),
                    Optional.of(mark.times(plan.lowerBound()).plus(request.squaringUp())));
        });
        tooLarge.addAll(missing());
        return toBuy;
    }
}
