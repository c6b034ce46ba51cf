package org.goldentally.core.account;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.CutBlock;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.identity.Key;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.CutAgain;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Known;

/** What to do with one piece of cloth, step by step: square up, strips, pieces from the strips, what to keep. */
public final class CuttingSteps {

    private CuttingSteps() {}

    /**
     * A step to tick off.
     *
     * @param act what is cut, whatever is said of it and whatever it is for: what is cut stays cut
     * @param then how what it gives is cut again; empty where it stays as it is
     * @param pieces how many pieces it gives, of each piece of cloth
     * @param where it cuts: the strips or the pieces, at their place on the cloth; nothing where it takes nothing off
     */
    public record CuttingStep(Key act, String text, String then, long pieces, List<Rectangle> where) {
        public CuttingStep {
            where = List.copyOf(where);
        }

        CuttingStep(Key act, String text, List<Rectangle> where) {
            this(act, text, "", 0, where);
        }

        /** All of it. */
        public String says() {
            return then.isEmpty() ? text : text + " " + then;
        }
    }

    /** Cuts of a piece in the order in which a quilter makes them, edges cut true first; none where it is cut already. */
    public static List<CuttingStep> of(OpenedPiece opened, MeasureSystem system) {
        if (opened.isCutAlready()) {
            return List.of();
        }
        LengthWriter writer = system.writer();
        List<CuttingStep> steps = new ArrayList<>();
        if (opened.piece().form() == PieceForm.YARDAGE) {
            steps.add(squareUp(opened));
        }
        for (List<LaidStrip> alike : alike(opened.strips())) {
            steps.add(step(alike, opened.piece().width(), writer));
        }
        // A scrappy binding is cut from the leftovers of planned strips, one size after the other.
        long planned = opened.strips().stream()
                .flatMap(strip -> strip.segments().stream())
                .mapToLong(segment -> segment.pieces().size())
                .sum();
        for (OpenedPiece.Cut cut : opened.cuts()) {
            planned -= cut.count();
            if (planned >= 0) {
                continue;
            }
            for (CutBlock block : cut.blocks()) {
                steps.add(
                        isUsedWhole(block, opened.piece())
                                ? usedWhole(cut.cut(), block, writer)
                                : step(cut.cut(), block, opened.piece().width(), writer));
            }
        }
        if (!opened.leftovers().isEmpty()) {
            steps.add(keep(opened.leftovers(), writer));
        }
        return steps;
    }

    private static CuttingStep squareUp(OpenedPiece opened) {
        return new CuttingStep(
                Key.of("square-up"),
                "Fold selvage to selvage and square up the end. Cut the selvages off each strip before you cut it up.",
                squaredUp(opened));
    }

    /** What squaring up takes off the end: all before the first cut piece. */
    private static List<Rectangle> squaredUp(OpenedPiece opened) {
        return opened.cuts().stream()
                .flatMap(cut -> cut.blocks().stream())
                .map(CutBlock::y)
                .min(Comparator.naturalOrder())
                .filter(Length::isPositive)
                .map(end ->
                        new Rectangle(Length.ZERO, Length.ZERO, opened.piece().width(), end))
                .stream()
                .toList();
    }

    private static CuttingStep keep(List<Rectangle> leftovers, LengthWriter writer) {
        Map<String, Integer> sizes = new LinkedHashMap<>();
        for (Rectangle rest : leftovers) {
            sizes.merge(writer.write(rest.width()) + " × " + writer.writeWithUnit(rest.height()), 1, Integer::sum);
        }
        List<String> said = new ArrayList<>();
        sizes.forEach((size, count) -> said.add(count == 1 ? size : count + " of " + size));
        Key act = Key.of("keep")
                .with(leftovers.stream()
                        .map(rest -> Key.of("rest").with(rest.width()).with(rest.height()))
                        .toList());
        return new CuttingStep(act, "Keep and label what is left: " + String.join("; ", said) + ".", leftovers);
    }

    /** Whether a piece is used as it comes: it has the size already. */
    public static boolean isUsedWhole(CutBlock block, ClothPiece piece) {
        return block.count() == 1
                && block.pieceWidth().equals(piece.width())
                && block.pieceHeight().equals(piece.length());
    }

    private static CuttingStep usedWhole(ClothCut cut, CutBlock block, LengthWriter writer) {
        return new CuttingStep(
                Key.of("whole"),
                "1 " + cut.name() + " " + size(cut.size().width(), cut.size().height(), writer)
                        + ", used as it comes: nothing to cut. For " + cut.useLabel() + ".",
                cut.again().words(),
                1,
                List.of(block.outline()));
    }

    /** Neighbouring strips that are cut up the same way. */
    private static List<List<LaidStrip>> alike(List<LaidStrip> strips) {
        List<List<LaidStrip>> alike = new ArrayList<>();
        for (LaidStrip strip : strips) {
            if (alike.isEmpty() || !alike.getLast().getFirst().segments().equals(strip.segments())) {
                alike.add(new ArrayList<>());
            }
            alike.getLast().add(strip);
        }
        return alike;
    }

    /** {@code 2 strips 4 7/8 in wide, each cut into 3 squares 4 7/8 in; then 2 segments 2 1/2 in wide, … } */
    private static CuttingStep step(List<LaidStrip> strips, Length clothWidth, LengthWriter writer) {
        LaidStrip strip = strips.getFirst();
        List<String> said = new ArrayList<>();
        Map<List<Object>, Integer> runs = new LinkedHashMap<>();
        Map<List<Object>, LaidStrip.LaidSegment> segments = new LinkedHashMap<>();
        strip.segments().forEach(segment -> {
            List<Object> key = List.of(segment.width(), segment.pieces());
            runs.merge(key, 1, Integer::sum);
            segments.put(key, segment);
        });
        runs.forEach((key, count) -> said.add(say(Known.of(segments, key), count, strip.height(), writer)));
        long pieces = strip.segments().stream()
                .mapToLong(segment -> segment.pieces().size())
                .sum();
        return new CuttingStep(
                act(strips),
                lead(strips, clothWidth, writer) + String.join("; ", said) + ".",
                then(strip),
                pieces * strips.size(),
                strips.stream().map(LaidStrip::outline).toList());
    }

    private static String lead(List<LaidStrip> strips, Length clothWidth, LengthWriter writer) {
        LaidStrip strip = strips.getFirst();
        String high = writer.writeWithUnit(strip.height());
        if (!strip.isBeside() && strip.width().isShorterThan(clothWidth)) {
            return "Cut off a length of " + high + " and open it out. Along it, from one edge: ";
        }
        String where = strip.isBeside()
                ? "Of the part " + writer.writeWithUnit(strip.width()) + " wide beside the long pieces: "
                : "";
        String count = strips.size() == 1 ? "one strip " : strips.size() + " strips ";
        String lead = where + count + high + " wide, " + (strips.size() == 1 ? "" : "each ") + "cut into ";
        return lead.substring(0, 1).toUpperCase(Locale.ROOT) + lead.substring(1);
    }

    /** Strips, segments and pieces by their sizes. */
    private static Key act(List<LaidStrip> strips) {
        LaidStrip strip = strips.getFirst();
        return Key.of("strips")
                .with(strips.size())
                .with(strip.height())
                .with(strip.segments().stream()
                        .map(segment -> Key.of("segment")
                                .with(segment.width())
                                .with(segment.pieces().stream()
                                        .map(piece -> Key.of("piece")
                                                .with(piece.width())
                                                .with(piece.height()))
                                        .toList()))
                        .toList());
    }

    /** Of a strip with pieces for several uses, which are cut again. */
    private static String then(LaidStrip strip) {
        Map<ClothCut, CutAgain> again = new LinkedHashMap<>();
        boolean all = true;
        for (LaidStrip.LaidSegment segment : strip.segments()) {
            for (LaidStrip.LaidPiece piece : segment.pieces()) {
                all &= piece.cut().again() != CutAgain.NOT;
                if (piece.cut().again() != CutAgain.NOT) {
                    again.put(piece.cut().of(1), piece.cut().again());
                }
            }
        }
        List<CutAgain> ways = again.values().stream().distinct().toList();
        if (ways.isEmpty() || (all && ways.size() == 1)) {
            return ways.isEmpty() ? "" : ways.getFirst().words();
        }
        List<String> said = new ArrayList<>();
        again.forEach((cut, how) ->
                said.add("Those for " + cut.useLabel() + ": " + how.words().replaceFirst("^Then c", "c")));
        return String.join(" ", said);
    }

    private static String say(LaidStrip.LaidSegment segment, int count, Length stripHeight, LengthWriter writer) {
        Length high = segment.pieces().stream().map(LaidStrip.LaidPiece::height).reduce(Length.ZERO, Length::plus);
        ClothCut cut = segment.pieces().getFirst().cut();
        boolean single = segment.pieces().size() == 1;
        if (single) {
            return named(count, cut.name()) + " "
                    + size(segment.width(), segment.pieces().getFirst().height(), writer)
                    + (high.equals(stripHeight) ? "" : ", trimmed to that height")
                    + " for " + cut.useLabel();
        }
        Map<String, Integer> stacked = new LinkedHashMap<>();
        segment.pieces()
                .forEach(piece -> stacked.merge(
                        size(piece.width(), piece.height(), writer) + " for "
                                + piece.cut().useLabel()
                                + (piece.width().equals(segment.width()) ? "" : ", trimmed to that width"),
                        1,
                        Integer::sum));
        List<String> each = new ArrayList<>();
        stacked.forEach((what, times) -> each.add(times == 1 ? what : times + " of " + what));
        return named(count, "segment") + " " + writer.writeWithUnit(segment.width()) + " wide, "
                + (count == 1 ? "" : "each ") + "cut across into " + String.join(" and ", each);
    }

    private static String named(long count, String name) {
        return count == 1 ? "1 " + name : count + " " + name + "s";
    }

    private static String size(Length width, Length height, LengthWriter writer) {
        return width.equals(height)
                ? writer.writeWithUnit(width)
                : writer.write(height) + " × " + writer.writeWithUnit(width);
    }

    /** Strips lie the way in which the block is divided first: along its longer run. */
    private static CuttingStep step(ClothCut cut, CutBlock block, Length clothWidth, LengthWriter writer) {
        Length strip = block.pieceHeight();
        Length piece = block.pieceWidth();
        String size = piece.equals(strip)
                ? writer.writeWithUnit(piece)
                : writer.write(strip) + " × " + writer.writeWithUnit(piece);
        String what = block.count() == 1 ? "1 " + cut.name() : block.count() + " " + cut.name() + "s";
        String how = block.across() == 1 && block.pieceWidth().equals(clothWidth)
                ? ", across the whole width"
                : block.across() == 1 && block.along() == 1
                        ? ""
                        : block.along() == 1
                                ? ": one strip " + writer.writeWithUnit(strip) + " wide, cut into " + block.across()
                                : block.across() == 1
                                        ? ": " + block.along() + " strips " + writer.writeWithUnit(strip)
                                                + " wide, each cut off at " + writer.writeWithUnit(piece)
                                        : ": " + block.along() + " strips " + writer.writeWithUnit(strip)
                                                + " wide, each cut into " + block.across();
        Key act = Key.of("pieces")
                .with(block.pieceWidth())
                .with(block.pieceHeight())
                .with(block.across())
                .with(block.along());
        return new CuttingStep(
                act,
                what + " cut " + size + how + ". For " + cut.useLabel() + ".",
                cut.again().words(),
                block.count(),
                List.of(block.outline()));
    }
}
