package org.goldentally.core.plans;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.CuttingRequest;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.making.UnitsKey;
import org.goldentally.core.making.Use;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.TopTally;

/**
 * A whole plan in a few sentences, as one quilter tells another: what is cut and how it is made, what is bought, what is left,
 * what is to spare, how long it takes. Every count in it is one of the tally, added up over prints that are cut alike.
 */
public final class PlanInWords {

    /** More lengths to buy are summed up: the shopping list has them all. */
    private static final int MOST_NAMED = 4;

    private final TopTally tally;
    private final MeasureSystem system;
    private final LengthWriter writer;

    private PlanInWords(TopTally tally) {
        this.tally = tally;
        this.system = tally.top().design().system();
        this.writer = system.writer();
    }

    /** What a sentence is about: where its working is found. */
    public enum About {
        MAKE,
        BIAS,
        BUY,
        LEFT,
        SPARE,
        TIME
    }

    /**
     * One sentence or two.
     *
     * @param lead the words that it turns on, which lead to its working
     * @param rest of it, its stop included
     */
    public record Sentence(About about, String lead, String rest) {
        /** All of it. */
        public String text() {
            return lead + rest;
        }
    }

    /** What a tally says in sentences, in the order in which they are read. */
    public static List<Sentence> of(TopTally tally, ShoppingList shopping) {
        PlanInWords words = new PlanInWords(tally);
        List<Sentence> sentences = new ArrayList<>();
        words.inAll().ifPresent(sentences::add);
        words.made().forEach(each -> sentences.add(new Sentence(About.MAKE, each, "")));
        words.bias().ifPresent(sentences::add);
        if (!tally.ledgers().isEmpty()) {
            sentences.add(words.toBuy(shopping));
            words.left().ifPresent(left -> sentences.add(new Sentence(About.LEFT, left, ".")));
            words.spare().ifPresent(spare -> sentences.add(new Sentence(About.SPARE, spare, ".")));
            sentences.add(new Sentence(
                    About.TIME, sentence(hours(PiecingTime.minutes(tally))) + " to cut and piece the top", "."));
        }
        return sentences;
    }

    /** Units that are made alike, whatever their cloths. */
    private record Alike(String unit, String size, String method) {}

    /** Pieces that are cut alike. */
    private record Pieces(String name, CutSize size) {}

    private List<String> made() {
        Map<Alike, Long> units = new LinkedHashMap<>();
        Map<UnitsKey, Alike> alike = new LinkedHashMap<>();
        for (UnitPlans.Choice choice : tally.choices()) {
            UnitPlan plan = choice.chosen();
            Alike of = new Alike(
                    plan.unit().name(),
                    size(plan.unit().finishedWidth(), plan.unit().finishedHeight()),
                    plan.seams().isZero() ? "" : plan.method().displayName());
            units.merge(of, plan.needed() + plan.extra(), Long::sum);
            alike.put(plan.key(), of);
        }
        Map<Alike, Map<Pieces, Map<String, Long>>> cuts = new LinkedHashMap<>();
        for (ClothCut cut : tally.making().cuts()) {
            firstUse(cut, alike)
                    .filter(any -> cut.count() > 0)
                    .ifPresent(of -> cuts.computeIfAbsent(of, any -> new LinkedHashMap<>())
                            .computeIfAbsent(new Pieces(cut.name(), cut.size()), any -> new LinkedHashMap<>())
                            .merge(cut.cloth(), cut.count(), Long::sum));
        }
        Map<Alike, Long> odd = new HashMap<>();
        oddOnes()
                .forEach(set -> Optional.ofNullable(alike.get(set.plan().key()))
                        .ifPresent(of -> odd.merge(of, set.runs(), Long::sum)));
        List<String> said = new ArrayList<>();
        units.forEach((of, count) -> said.add(count + " × " + of.unit + ", " + of.size + " finished"
                + (of.method.isEmpty() ? "" : ", " + of.method)
                + (odd.containsKey(of) ? ", " + odd.get(of) + " of them of loose triangles" : "") + ": "
                + cut(cuts.getOrDefault(of, Map.of())) + "."));
        return said;
    }

    /** Units that are sewn one by one, beside pairs of the same. */
    private List<MadeSet.Single> oddOnes() {
        return tally.making().sets().stream()
                .filter(MadeSet.Single.class::isInstance)
                .map(MadeSet.Single.class::cast)
                .filter(MadeSet.Single::besidePairs)
                .toList();
    }

    /** All of it in one line: {@code Sew 194 units and cut 150 squares. 51 pairs: 36 two at a time, 15 eight at a time.} */
    private Optional<Sentence> inAll() {
        long units = 0;
        long plain = 0;
        boolean squares = true;
        for (UnitPlans.Choice choice : tally.choices()) {
            long made = choice.chosen().needed() + choice.chosen().extra();
            if (choice.chosen().seams().isZero()) {
                plain += made;
                squares &= choice.chosen()
                        .unit()
                        .finishedWidth()
                        .equals(choice.chosen().unit().finishedHeight());
            } else {
                units += made;
            }
        }
        List<String> acts = new ArrayList<>();
        if (units > 0) {
            acts.add("sew " + units + (units == 1 ? " unit" : " units"));
        }
        if (plain > 0) {
            acts.add("cut " + plain + (squares ? " square" : " plain piece") + (plain == 1 ? "" : "s"));
        }
        String all = String.join(" and ", acts);
        return acts.isEmpty() ? Optional.empty() : Optional.of(new Sentence(About.MAKE, sentence(all), "." + pairs()));
    }

    /** Pairs of all prints together; nothing where there are none. */
    private String pairs() {
        Map<String, Long> byMethod = new LinkedHashMap<>();
        for (MadeSet set : tally.making().sets()) {
            if (set instanceof MadeSet.Whole whole && whole.plan().run().name().equals("pair")) {
                byMethod.merge(set.method().displayName(), set.runs(), Long::sum);
            } else if (set instanceof MadeSet.Halves halves && !halves.loose()) {
                byMethod.merge("two at a time to be crossed", set.runs(), Long::sum);
            }
        }
        long all = byMethod.values().stream().mapToLong(Long::longValue).sum();
        if (all == 0) {
            return "";
        }
        List<String> parts = new ArrayList<>();
        byMethod.forEach((method, count) -> parts.add(byMethod.size() == 1 ? method : count + " " + method));
        long odd = oddOnes().stream().mapToLong(MadeSet::runs).sum();
        return " " + all + (all == 1 ? " pair" : " pairs") + (byMethod.size() == 1 ? ", " : ": ")
                + String.join(", ", parts)
                + (odd == 0 ? "" : ", and " + odd + (odd == 1 ? " odd unit" : " odd units") + " of loose triangles")
                + ".";
    }

    /** Bias edges are named with the plan that has them. */
    private Optional<Sentence> bias() {
        long units = PlanCosts.of(tally).biasUnits();
        if (units == 0) {
            return Optional.empty();
        }
        return Optional.of(
                units == 1
                        ? new Sentence(About.BIAS, "1 unit has bias edges", ": lift it, don't tug.")
                        : new Sentence(About.BIAS, units + " units have bias edges", ": lift them, don't tug."));
    }

    /** What is shared by several is told where it is needed first. */
    private static Optional<Alike> firstUse(ClothCut cut, Map<UnitsKey, Alike> alike) {
        return cut.uses().stream()
                .flatMap(use -> use instanceof Use.ForUnits(UnitsKey units)
                        ? Stream.ofNullable(alike.get(units))
                        : Stream.empty())
                .findFirst();
    }

    private String cut(Map<Pieces, Map<String, Long>> cuts) {
        if (cuts.isEmpty()) {
            return "of pieces that are cut for others";
        }
        List<String> said = new ArrayList<>();
        cuts.forEach((pieces, byCloth) -> {
            long all = byCloth.values().stream().mapToLong(Long::longValue).sum();
            said.add(all + " " + pieces.name + (all == 1 ? "" : "s") + " cut "
                    + size(pieces.size.width(), pieces.size.height()) + ", " + ofCloths(byCloth, all));
        });
        return String.join("; ", said);
    }

    /** One cloth that takes the half or more is named, others are counted; two are both named. */
    private String ofCloths(Map<String, Long> byCloth, long all) {
        List<Map.Entry<String, Long>> most = byCloth.entrySet().stream()
                .sorted(Map.Entry.<String, Long>comparingByValue().reversed())
                .toList();
        if (most.size() == 1) {
            return "all of " + name(most.getFirst().getKey());
        }
        if (most.size() == 2) {
            return most.get(0).getValue() + " of " + name(most.get(0).getKey()) + " and "
                    + most.get(1).getValue() + " of " + name(most.get(1).getKey());
        }
        long first = most.getFirst().getValue();
        return 2 * first < all
                ? "of " + most.size() + " fabrics"
                : first + " of " + name(most.getFirst().getKey()) + " and " + (all - first) + " of " + (most.size() - 1)
                        + " other fabrics";
    }

    private String name(String cloth) {
        return cloth.isEmpty()
                ? "fabric not chosen"
                : tally.top().design().cloth(cloth).map(each -> each.name()).orElse(cloth);
    }

    private Sentence toBuy(ShoppingList shopping) {
        List<String> toChoose = undressedStrips(tally);
        List<String> notCounted = new ArrayList<>(notCounted(tally));
        notCounted.removeAll(toChoose);
        String but = (toChoose.isEmpty() ? "" : " Still to choose: " + String.join("; ", toChoose) + ".")
                + (notCounted.isEmpty() ? "" : " Not counted: " + String.join("; ", notCounted) + ".");
        List<String> fabrics = fabrics(shopping);
        List<String> rest = lengthsWithoutFabric(shopping);
        if (fabrics.isEmpty() && rest.isEmpty()) {
            String nothing = but.isEmpty() ? "Nothing to buy but batting" : "Nothing to buy for what is counted";
            return new Sentence(About.BUY, nothing, "." + but);
        }
        if (fabrics.isEmpty()) {
            return but.isEmpty()
                    ? new Sentence(About.BUY, "Your fabric is enough for the top", ". Buy " + listed(rest) + ".")
                    : new Sentence(About.BUY, "Buy " + listed(rest), "." + but);
        }
        String plus = rest.isEmpty() ? "" : ", plus " + listed(rest);
        return new Sentence(About.BUY, "Buy " + listed(fabrics), money(shopping) + plus + "." + but);
    }

    /** {@code 1 1/8 yd of ink}; more than a few are summed up. */
    private static List<String> fabrics(ShoppingList shopping) {
        List<String> all = shopping.items().stream()
                .filter(item -> item.cloth().isPresent())
                .flatMap(item -> item.purchase().stream().map(length -> length.write() + " of " + item.what()))
                .toList();
        int more = all.size() - MOST_NAMED;
        return more <= 0
                ? all
                : Stream.concat(
                                all.stream().limit(MOST_NAMED),
                                Stream.of(more + (more == 1 ? " more fabric" : " more fabrics")))
                        .toList();
    }

    /** {@code 3 3/4 yd for the backing}, whose fabric nobody chose yet. */
    private static List<String> lengthsWithoutFabric(ShoppingList shopping) {
        return shopping.items().stream()
                .filter(item -> item.cloth().isEmpty())
                .flatMap(item -> item.purchase().stream().map(length -> length.write() + " for the " + item.what()))
                .toList();
    }

    /** What the fabrics of the quilt cost, and whether that is all of them. */
    private static String money(ShoppingList shopping) {
        if (shopping.total().signum() == 0) {
            return "";
        }
        boolean all = shopping.items().stream()
                .filter(item -> item.cloth().isPresent())
                .allMatch(item -> item.cost().isPresent());
        return ", " + shopping.total().setScale(2).toPlainString() + (all ? " in all" : " for what has a price");
    }

    /** What needs cloth that no account has: with any of it nobody can say that the cloth is enough. */
    public static List<String> notCounted(TopTally tally) {
        List<String> lacking = new ArrayList<>();
        lacking.addAll(undressedStrips(tally));
        // Binding and backing without a cloth are on the shopping list.
        if (tally.undressed().stream()
                .anyMatch(cut -> cut.uses().stream().allMatch(use -> use instanceof Use.ForUnits))) {
            lacking.add("fabric for what is not dressed yet");
        }
        if (!tally.unplanned().isEmpty()) {
            lacking.add("units that no method here makes");
        }
        if (tally.ledgers().stream().anyMatch(ledger -> !ledger.tooLarge().isEmpty())) {
            lacking.add("pieces that fit no fabric of the usual width");
        }
        return lacking;
    }

    /** Sashing and borders of which nobody chose the fabric, counted all the same: 1/2 yd for border 2, fabric not chosen. */
    private static List<String> undressedStrips(TopTally tally) {
        Map<String, List<ClothCut>> byUse = new LinkedHashMap<>();
        tally.undressed().stream()
                .filter(cut -> cut.uses().stream().anyMatch(use -> use instanceof Use.ForStrips))
                .forEach(cut -> byUse.computeIfAbsent(cut.useLabel(), any -> new ArrayList<>())
                        .add(cut));
        MeasureSystem system = tally.top().design().system();
        List<String> lengths = new ArrayList<>();
        byUse.forEach((use, cuts) -> {
            CuttingRequest request = new CuttingRequest(
                    "",
                    cuts,
                    List.of(),
                    UsualSizes.of(system).widthOfFabric(),
                    system,
                    CuttingChoice.PLAIN,
                    tally.top().read().work().squaringUp());
            lengths.add(ClothLedger.of(request)
                            .toBuy()
                            .map(buy -> buy.purchase().write() + " for ")
                            .orElse("fabric for ")
                    + use + ", fabric not chosen");
        });
        return lengths;
    }

    /** Pieces that stay whole, by their form, and the largest rest of those that are cut into. */
    private Optional<String> left() {
        Map<ClothPiece, Long> whole = new LinkedHashMap<>();
        for (ClothLedger ledger : tally.ledgers()) {
            for (ShelfPieces pieces : ledger.untouched()) {
                if (pieces.piece().form() == PieceForm.CUT) {
                    continue; // What was cut and is not needed now is said by itself.
                }
                whole.merge(pieces.piece(), (long) pieces.count(), Long::sum);
            }
        }
        List<String> said = new ArrayList<>();
        whole.forEach((piece, count) -> said.add(wholePieces(piece, count)));
        tally.ledgers().stream()
                .flatMap(ledger -> ledger.opened().stream()
                        .flatMap(opened -> opened.piece().leftovers().stream())
                        .map(rest -> Map.entry(rest, ledger.cloth())))
                .max(Comparator.comparing(rest -> rest.getKey().area()))
                .ifPresent(rest -> said.add(
                        withArticle(size(rest.getKey().width(), rest.getKey().height())) + " piece of "
                                + name(rest.getValue())));
        return said.isEmpty() ? Optional.empty() : Optional.of("You'll have " + listed(said) + " left");
    }

    /** {@code an 8 × 10 in}, {@code a 9 × 10 in}: eight, eleven, eighteen and eighty are spoken with a vowel. */
    static String withArticle(String size) {
        return (size.matches("(8\\d?|11|18)(\\D.*)?") ? "an " : "a ") + size;
    }

    /** {@code 14 whole 10 in squares}, {@code 2 whole fat quarters}. */
    private String wholePieces(ClothPiece piece, long count) {
        String what = piece.form().name(count);
        String size = piece.form() == PieceForm.SQUARE || piece.form() == PieceForm.STRIP
                ? writer.writeWithUnit(piece.shorterSide()) + " "
                : "";
        return count + " whole " + size + what;
    }

    private static String listed(List<String> said) {
        return said.size() == 1
                ? said.getFirst()
                : String.join(", ", said.subList(0, said.size() - 1)) + " and " + said.getLast();
    }

    private Optional<String> spare() {
        long spare = tally.making().spareUnits();
        return spare == 0 ? Optional.empty() : Optional.of(spare + (spare == 1 ? " unit" : " units") + " to spare");
    }

    private String size(Length width, Length height) {
        return width.equals(height)
                ? writer.writeWithUnit(width)
                : writer.write(width) + " × " + writer.writeWithUnit(height);
    }

    private static String sentence(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** {@code about 26 hours}, to the half hour below ten. */
    public static String hours(double minutes) {
        long halves = Math.max(1, Math.round(minutes / 30));
        if (halves >= 20) {
            return "about " + Math.round(minutes / 60) + " hours";
        }
        String whole = halves / 2 == 0 ? "" : halves / 2 + "";
        String half = halves % 2 == 1 ? "½" : "";
        return "about " + (whole + (whole.isEmpty() || half.isEmpty() ? "" : " ") + half)
                + (halves <= 2 ? " hour" : " hours");
    }
}
