package org.goldentally.core.account;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.CutBlock;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Known;

/**
 * How the tick of a cutting step was known before steps had keys: by a digest of the fabric, the piece, the place in the list
 * and the sentence. The place rested on an order that is no longer known, so any place of the sheet will do. The logs only grow, so the sentences are frozen here; they are no longer those on the sheet, and need not be.
 * Names and uses of pieces still come from today's words: whoever rewords those has to freeze them here too, which
 * {@code FormerKeysTest} tells.
 */
record FormerStepKeys(String before, int places, String sentence) {

    /** All that it may have been. */
    Set<String> keys() {
        return IntStream.range(0, places)
                .mapToObj(place -> UUID.nameUUIDFromBytes((before + place + sentence).getBytes(StandardCharsets.UTF_8))
                        .toString())
                .collect(Collectors.toSet());
    }

    /** For each step of a piece. */
    static List<FormerStepKeys> of(String cloth, OpenedPiece opened, long count, MeasureSystem system) {
        String title = opened.piece().describe(Math.toIntExact(count), system);
        List<String> texts = texts(opened, system);
        return texts.stream()
                .map(text -> new FormerStepKeys(cloth + title, texts.size(), text))
                .toList();
    }

    private static List<String> texts(OpenedPiece opened, MeasureSystem system) {
        LengthWriter writer = system.writer();
        List<String> steps = new ArrayList<>();
        if (opened.piece().form() == PieceForm.YARDAGE) {
            steps.add("Fold selvage to selvage and square up the end.");
        }
        for (List<LaidStrip> alike : alike(opened.strips())) {
            steps.add(step(alike, writer));
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
                        CuttingSteps.isUsedWhole(block, opened.piece())
                                ? usedWhole(cut.cut(), writer)
                                : step(cut.cut(), block, opened.piece().width(), writer));
            }
        }
        if (!opened.leftovers().isEmpty()) {
            steps.add(keep(opened.leftovers(), writer));
        }
        return steps;
    }

    private static String keep(List<Rectangle> leftovers, LengthWriter writer) {
        Map<String, Integer> sizes = new LinkedHashMap<>();
        for (Rectangle rest : leftovers) {
            sizes.merge(writer.write(rest.width()) + " × " + writer.writeWithUnit(rest.height()), 1, Integer::sum);
        }
        List<String> said = new ArrayList<>();
        sizes.forEach((size, count) -> said.add(count == 1 ? size : count + " of " + size));
        return "Keep and label what is left: " + String.join("; ", said) + ".";
    }

    private static String usedWhole(ClothCut cut, LengthWriter writer) {
        return "1 " + cut.name() + " " + size(cut.size().width(), cut.size().height(), writer)
                + ", used as it comes: nothing to cut. For " + cut.useLabel() + ".";
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
    private static String step(List<LaidStrip> strips, LengthWriter writer) {
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
        String lead = strips.size() == 1
                ? "One strip " + writer.writeWithUnit(strip.height()) + " wide, cut into "
                : strips.size() + " strips " + writer.writeWithUnit(strip.height()) + " wide, each cut into ";
        return lead + String.join("; ", said) + ".";
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
    private static String step(ClothCut cut, CutBlock block, Length clothWidth, LengthWriter writer) {
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
        return what + " cut " + size + how + ". For " + cut.useLabel() + ".";
    }
}
