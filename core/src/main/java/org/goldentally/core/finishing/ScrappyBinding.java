package org.goldentally.core.finishing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ClothLedger.Opened;
import org.goldentally.core.account.OpenedPiece;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cutting.CutBlock;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.cutting.JoinedStrips;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.formula.Working;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;

/**
 * A binding from what is left over: strips are cut from the longest leftovers of any cloth until they reach round the
 * quilt; each is joined on the diagonal, which takes as much length as a strip is wide. What they do not reach is cut
 * of the binding's own cloth.
 *
 * @param ledgers the accounts with these strips cut from their leftovers
 * @param plan the strips that are still cut of the binding's own cloth
 * @param fromLeftovers how many strips the leftovers give
 * @param length how far they reach, joined
 */
public record ScrappyBinding(List<ClothLedger> ledgers, StripPlan plan, long fromLeftovers, Length length) {

    /** Shorter strips make more joins than binding (our own limit). */
    static final Length SHORTEST = Length.inches(10);

    /** A leftover of a piece that is cut into, which gives so many strips so long. */
    private record Source(int ledger, int opened, Rectangle rest, Length length, long strips) {}

    /** Pieces the binding of what the accounts leave over, longest first; what is missing is cut of its cloth. */
    public static ScrappyBinding from(List<ClothLedger> ledgers, StripPlan whole, LengthWriter writer) {
        Length width = whole.cutWidth();
        Length wanted = whole.sides().getFirst().cutLength();
        List<Source> used = longestFirst(sources(ledgers, width), wanted, width);
        long taken = used.stream().mapToLong(Source::strips).sum();
        // Joined, k strips lose k − 1 joins: the first loses none.
        Length reach = used.stream()
                .map(source -> source.length.minus(width).times(source.strips))
                .reduce(taken == 0 ? Length.ZERO : width, Length::plus);
        ClothCut own = whole.cuts().getFirst();
        Length ofCloth = own.size().width();
        Length open = wanted.minus(reach);
        // What is still open is joined to what there is; with nothing there it is a binding like any other.
        long bought = taken == 0
                ? JoinedStrips.diagonal(ofCloth, width).stripsFor(wanted)
                : open.isPositive() ? atLeast(open, ofCloth.minus(width)) : 0;
        Working working = new Working(
                "Scrappy binding",
                taken + (taken == 1 ? " strip" : " strips") + " from leftovers, joined on the diagonal, reach "
                        + writer.write(reach) + " of " + writer.writeWithUnit(wanted)
                        + (bought > 0
                                ? "; " + bought + " more " + (bought == 1 ? "is" : "are") + " cut for the rest"
                                : ""));
        List<ClothLedger> changed = new ArrayList<>(ledgers);
        used.stream()
                .collect(Collectors.groupingBy(Source::ledger))
                .forEach((ledger, from) -> changed.set(ledger, cut(changed.get(ledger), from, whole)));
        return new ScrappyBinding(changed, whole.with(List.of(own.of(bought)), working), taken, reach);
    }

    /** As many strips of the longest leftovers as reach all the way round, or all there are. */
    private static List<Source> longestFirst(List<Source> sources, Length wanted, Length width) {
        List<Source> used = new ArrayList<>();
        Length open = wanted.minus(width);
        sources.sort(Comparator.comparing(Source::length).reversed());
        for (Source source : sources) {
            Length gain = source.length.minus(width);
            long strips = open.isPositive() ? Math.min(source.strips, atLeast(open, gain)) : 0;
            if (strips > 0) {
                used.add(new Source(source.ledger, source.opened, source.rest, source.length, strips));
                open = open.minus(gain.times(strips));
            }
        }
        return used;
    }

    /** Whether the leftovers reach all the way round. */
    public boolean isEnough() {
        return plan.stripsCut() == 0;
    }

    private static long atLeast(Length open, Length each) {
        long whole = open.wholeTimes(each);
        return each.times(whole).isShorterThan(open) ? whole + 1 : whole;
    }

    private static List<Source> sources(List<ClothLedger> ledgers, Length width) {
        List<Source> sources = new ArrayList<>();
        for (int i = 0; i < ledgers.size(); i++) {
            List<Opened> opened = ledgers.get(i).opened();
            for (int j = 0; j < opened.size(); j++) {
                for (Rectangle rest : opened.get(j).piece().leftovers()) {
                    Length length = Length.max(rest.width(), rest.height());
                    Length across = Length.min(rest.width(), rest.height());
                    long strips = across.wholeTimes(width);
                    if (strips > 0 && length.isAtLeast(SHORTEST)) {
                        for (long n = 0; n < opened.get(j).count(); n++) {
                            sources.add(new Source(i, j, rest, length, strips));
                        }
                    }
                }
            }
        }
        return sources;
    }

    /** The account with the strips cut from its leftovers; of equal pieces only as many as are needed are cut further. */
    private static ClothLedger cut(ClothLedger ledger, List<Source> used, StripPlan whole) {
        List<Opened> opened = new ArrayList<>();
        List<ClothCut> more = new ArrayList<>();
        for (int j = 0; j < ledger.opened().size(); j++) {
            Opened before = ledger.opened().get(j);
            int index = j;
            List<Source> here =
                    used.stream().filter(source -> source.opened == index).toList();
            List<OpenedPiece> copies = new ArrayList<>();
            for (Source source : here) {
                int copy = 0;
                while (copy < copies.size() && !copies.get(copy).leftovers().contains(source.rest)) {
                    copy++;
                }
                if (copy == copies.size()) {
                    copies.add(before.piece());
                }
                copies.set(copy, cut(copies.get(copy), source, ledger.cloth(), whole));
                more.add(copies.get(copy).cuts().getLast().cut());
            }
            copies.forEach(copy -> opened.add(new Opened(before.key(), 1, copy)));
            if (before.count() > copies.size()) {
                opened.add(new Opened(before.key(), before.count() - copies.size(), before.piece()));
            }
        }
        return ledger.withMore(more, opened);
    }

    private static OpenedPiece cut(OpenedPiece piece, Source source, String cloth, StripPlan whole) {
        CutSize size = CutSize.rectangle(source.length, whole.cutWidth());
        ClothPiece rest = new ClothPiece(
                piece.piece().form(),
                source.rest.width(),
                source.rest.height(),
                piece.piece().edge());
        PieceLayout layout = PieceLayout.of(rest, size, source.strips);
        ClothCut cut = new ClothCut(cloth, size, "strip", layout.count(), whole.uses(), "scrappy binding");
        List<OpenedPiece.Cut> cuts = new ArrayList<>(piece.cuts());
        cuts.add(new OpenedPiece.Cut(
                cut,
                layout.blocks().stream().map(block -> moved(block, source.rest)).toList()));
        List<Rectangle> leftovers = new ArrayList<>(piece.leftovers());
        leftovers.remove(source.rest);
        layout.leftovers().forEach(left -> leftovers.add(moved(left, source.rest)));
        List<Rectangle> trimmings = new ArrayList<>(piece.trimmings());
        layout.trimmings().forEach(left -> trimmings.add(moved(left, source.rest)));
        return new OpenedPiece(piece.piece(), cuts, leftovers, trimmings, piece.strips());
    }

    private static CutBlock moved(CutBlock block, Rectangle to) {
        return new CutBlock(
                block.x().plus(to.x()),
                block.y().plus(to.y()),
                block.pieceWidth(),
                block.pieceHeight(),
                block.across(),
                block.along());
    }

    private static Rectangle moved(Rectangle rectangle, Rectangle to) {
        return new Rectangle(
                rectangle.x().plus(to.x()), rectangle.y().plus(to.y()), rectangle.width(), rectangle.height());
    }
}
