package org.goldentally.app.sew;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.goldentally.app.drawing.StepView;
import org.goldentally.core.sew.LogEntry;
import org.goldentally.core.sew.Mishap;
import org.goldentally.core.sew.PressingMap;

/**
 * The card of one batch.
 *
 * @param steps of one set, right through
 * @param rest what is done with the other sets, once the first is right; empty where one is all
 * @param mishaps what commonly goes wrong, and how to mend it
 * @param order what is done one after the other with strips of sashing and borders, in words
 * @param roles place among the quilt's cloths of the cloth that plays each part in the steps: A, B, C, D
 * @param chain places of the cloths of its squares in the order in which they are joined; empty for what is no chain
 * @param checks sizes to measure, each with its name: raw, trimmed, joined
 * @param handling how bias edges are handled; empty where nothing stretches
 * @param left what is left to do, whether the cloth covers it, how long it takes
 * @param ways out of a shortage, cheapest first
 * @param layouts of the block in which the unit sits, of the block in each way that it is pressed, or of the top
 * @param partIds the parts of the top where it goes
 */
public record CardView(
        String key,
        List<StepView> steps,
        List<String> rest,
        List<Mishap> mishaps,
        List<String> order,
        List<Integer> roles,
        List<Integer> chain,
        List<CheckView> checks,
        String handling,
        List<String> left,
        boolean covered,
        List<String> ways,
        List<LayoutPicture> layouts,
        List<Integer> litPieces,
        List<String> partIds,
        List<LogLine> log) {

    /** A size to check: {@code trimmed, 3 1/2 in}. */
    public record CheckView(String name, String size) {}

    /** A line of the log, as the card shows it. */
    public record LogLine(UUID id, Instant at, LogEntry.Kind kind, String text, boolean takenBack) {}

    /**
     * A block or the top laid out for sewing, in inches.
     *
     * @param across how wide it finishes, in words
     * @param down how high
     * @param cloths for each patch the place of its cloth among the quilt's
     * @param presses the way of each seam in words, named by the pieces beside its middle
     * @param joins in which order its parts are joined
     */
    public record LayoutPicture(
            String name,
            double width,
            double height,
            String across,
            String down,
            List<String> patches,
            List<Integer> cloths,
            List<PlacedPiece> pieces,
            List<PressedSeam> seams,
            List<String> presses,
            List<String> notes,
            List<String> joins) {}

    /**
     * A numbered piece.
     *
     * @param labelX where its number stands: the middle of a triangle is not that of its box
     * @param way in which a block of the top is pressed: A or B; empty where there is one way only
     */
    public record PlacedPiece(
            int number,
            String way,
            String outline,
            double x,
            double y,
            double width,
            double height,
            double labelX,
            double labelY,
            String what,
            int quarterTurns,
            boolean mirrored) {}

    /**
     * A seam with the way it is pressed.
     *
     * @param inBlock whether it lies inside one piece of the layout: a seam of a single block among the rows
     */
    public record PressedSeam(
            double fromX,
            double fromY,
            double toX,
            double toY,
            PressingMap.Direction direction,
            boolean againstSchool,
            boolean inBlock) {}
}
