package org.goldentally.app.cut;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.CutAlike;
import org.goldentally.core.account.CuttingSteps;
import org.goldentally.core.account.OpenedPiece;
import org.goldentally.core.account.SheetSteps;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.cutting.CutBlock;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Known;
import org.goldentally.core.tally.TopTally;
import org.jspecify.annotations.Nullable;

/**
 * The cutting sheets of a quilt: for each cloth the pieces that are cut into, to scale, with their steps.
 *
 * @param shared which cloths are cut alike, so that they share a sheet
 * @param layers so many are laid on one another at most
 * @param done steps that are done for all cloths of their stack
 * @param before what was cut for the plan as it was, and no sheet has any more
 * @param spare what was cut and put away, and the plan as it is now has no use for
 * @param lastPutAway the last time that something was put away for this quilt, so that it can be taken back; null for none
 */
public record CutView(
        String unitOfLength,
        List<ClothSheet> cloths,
        List<SharedSheet> shared,
        int layers,
        int done,
        int steps,
        String caution,
        List<CutBefore> before,
        List<NotNeededView> spare,

        @Schema(
                types = {"object", "null"},
                implementation = PutAwayView.class)
        @Nullable
        PutAwayView lastPutAway) {

    /** Pieces that were cut and are not needed: {@code 14 cut pieces, 5 in – oat}. */
    public record NotNeededView(UUID id, String what) {}

    /** Something that was put away. */
    public record PutAwayView(long act, String what) {}

    /**
     * A step that was ticked and is on no sheet now: what was cut by it lies on the table.
     *
     * @param key takes its tick back; empty where a version before named steps otherwise
     * @param what was cut, as it was said then; empty where that was not kept yet
     */
    public record CutBefore(String key, String what, Instant at) {}

    /** Common practice, no source; makers' instructions come first. */
    public static final String CAUTION =
            "Close the cutter each time you put it down. Cut away from yourself, never with crossed hands, fingers clear of"
                    + " the ruler's edge. Keep children and pets away. The maker's instructions come first.";

    /**
     * All that is cut of one cloth, piece by piece.
     *
     * @param labels one for each heap of equal pieces
     * @param already what was cut and put away before, and is used as it is
     */
    public record ClothSheet(
            String key,
            String name,
            String colour,
            List<HeapLabel> labels,
            List<String> already,
            List<PieceSheet> pieces,
            int done,
            int steps) {}

    /**
     * Cloths that are cut alike.
     *
     * @param cloths keys; the sheet of the first stands for all
     * @param stacks which of them are laid on one another and cut at once
     */
    public record SharedSheet(List<String> cloths, List<StackView> stacks) {}

    /**
     * Cloths that are laid on one another.
     *
     * @param label their names: {@code red, teal, oat, rust}
     */
    public record StackView(List<String> cloths, String label) {}

    /** What to write on the slip that lies on a heap of equal pieces. */
    public record HeapLabel(String letter, long count, String size, String use) {}

    /**
     * Equal pieces cut alike; drawn in inches.
     *
     * @param toBuy whether it is not on the shelf yet
     * @param across its width in words: {@code 40 in}
     * @param along its length
     * @param cutInto whether all of it is cut, so that it can be put away
     */
    public record PieceSheet(
            String title,
            long count,
            boolean toBuy,
            boolean tight,
            double width,
            double length,
            String across,
            String along,
            List<SheetCut> cuts,
            List<SheetRest> leftovers,
            List<SheetStep> steps,
            boolean cutInto) {}

    /** Equal pieces at their place on the drawing, in inches. */
    public record SheetCut(
            double x, double y, double width, double height, long across, long along, String label, String letter) {}

    /**
     * A place on the drawing, in inches: a rest that is large enough to keep, or where a step cuts.
     *
     * @param across its width as one would type it
     * @param along its length
     */
    public record SheetRest(
            double x, double y, double width, double height, String label, String across, String along) {}

    /**
     * One step of the cutting.
     *
     * @param key finds the step again, whatever is said of it
     * @param running how many pieces of the cloth are cut by then, of how many
     * @param where it cuts, on the drawing
     */
    public record SheetStep(String key, String text, boolean done, String running, List<SheetRest> where) {}

    /** Sheets of a tally, cloth by cloth. */
    public static CutView of(TopTally tally, Set<String> ticked) {
        MeasureSystem system = tally.top().design().system();
        List<ClothSheet> sheets = new ArrayList<>();
        for (ClothLedger ledger : tally.ledgers()) {
            ClothInHand cloth = tally.top().design().cloth(ledger.cloth()).orElseThrow();
            sheets.add(new ClothBuilder(ledger, system, ticked).sheet(cloth));
        }
        int layers = tally.top().design().plan().layers();
        List<SharedSheet> shared = CutAlike.of(tally.ledgers()).stream()
                .map(alike -> shared(alike, layers, tally.top().design()))
                .toList();
        List<LikeSheets> stacks = LikeSheets.stacks(sheets, shared);
        return new CutView(
                system.abbreviation(),
                sheets,
                shared,
                layers,
                stacks.stream().mapToInt(LikeSheets::done).sum(),
                stacks.stream().mapToInt(stack -> stack.first().steps()).sum(),
                CAUTION,
                List.of(),
                List.of(),
                null);
    }

    /** The same, with what was cut before and is on none of its sheets; so many steps of it are done and put away. */
    CutView with(int putAway, List<CutBefore> cutBefore, List<NotNeededView> notNeeded, @Nullable PutAwayView last) {
        return new CutView(
                unitOfLength,
                cloths,
                shared,
                layers,
                done + putAway,
                steps + putAway,
                caution,
                cutBefore,
                notNeeded,
                last);
    }

    /** What a step of these sheets says, with its fabric; empty where none of them has it. */
    String words(String key) {
        for (ClothSheet cloth : cloths) {
            for (PieceSheet piece : cloth.pieces) {
                for (SheetStep step : piece.steps) {
                    if (step.key.equals(key)) {
                        return cloth.name + ": " + step.text;
                    }
                }
            }
        }
        return "";
    }

    private static SharedSheet shared(CutAlike alike, int layers, QuiltDesign design) {
        return new SharedSheet(
                alike.cloths().stream().map(ClothLedger::cloth).toList(),
                alike.stacks(layers).stream()
                        .map(stack -> new StackView(
                                stack,
                                stack.stream()
                                        .map(cloth -> design.cloth(cloth)
                                                .orElseThrow()
                                                .name())
                                        .collect(Collectors.joining(", "))))
                        .toList());
    }

    /** Puts the sheets of one cloth together: letters and running totals go through all its pieces. */
    private static final class ClothBuilder {
        private final ClothLedger ledger;
        private final MeasureSystem system;
        private final LengthWriter writer;
        private final Set<String> ticked;
        private final Map<List<Object>, String> letters = new LinkedHashMap<>();
        private final Map<String, HeapLabel> labels = new LinkedHashMap<>();
        private final long all;
        private long sofar;

        ClothBuilder(ClothLedger ledger, MeasureSystem system, Set<String> ticked) {
            this.ledger = ledger;
            this.system = system;
            this.writer = system.writer();
            this.ticked = ticked;
            this.all = ledger.opened().stream()
                            .filter(opened -> !opened.piece().isCutAlready())
                            .mapToLong(opened -> opened.piece().count() * opened.count())
                            .sum()
                    + ledger.toBuy().map(buy -> buy.piece().count()).orElse(0L);
            // Letters go by size, largest first, so that the sheet and the account agree.
            ledger.cuts().forEach(cut -> letter(cut));
        }

        ClothSheet sheet(ClothInHand cloth) {
            List<PieceSheet> pieces = new ArrayList<>();
            List<String> already = new ArrayList<>();
            Iterator<List<SheetSteps.Step>> said = SheetSteps.of(ledger).iterator();
            for (ClothLedger.Opened opened : ledger.opened()) {
                PieceSheet piece = piece(opened.piece(), said.next(), opened.count(), false);
                if (opened.piece().isCutAlready()) {
                    already.add(already(opened));
                } else {
                    pieces.add(piece);
                }
            }
            ledger.toBuy().ifPresent(buy -> pieces.add(piece(buy.piece(), said.next(), 1, true)));
            return new ClothSheet(
                    cloth.key(),
                    cloth.name(),
                    cloth.colour(),
                    labels.values().stream().filter(label -> label.count() > 0).toList(),
                    already,
                    pieces,
                    pieces.stream().mapToInt(CutView::done).sum(),
                    pieces.stream().mapToInt(piece -> piece.steps().size()).sum());
        }

        /** {@code 24 squares cut 4 7/8 in, for half-square triangle, 4 in finished}. */
        private String already(ClothLedger.Opened opened) {
            ClothCut cut = opened.piece().cuts().getFirst().cut();
            return opened.count() + " " + cut.name() + (opened.count() == 1 ? "" : "s") + " cut "
                    + size(cut.size().width(), cut.size().height()) + " " + system.abbreviation() + ", for "
                    + cut.useLabel();
        }

        /** A, B, … Z, AA, AB for each size and use. */
        private String letter(ClothCut cut) {
            return letters.computeIfAbsent(List.of(cut.size(), cut.name(), cut.useLabel()), any -> {
                int number = letters.size();
                String letter = (number < 26 ? "" : "" + (char) ('A' + number / 26 - 1)) + (char) ('A' + number % 26);
                labels.put(
                        letter,
                        new HeapLabel(
                                letter,
                                0,
                                size(cut.size().width(), cut.size().height()),
                                (cut.useLabel() + ". " + cut.again().words()).replaceFirst("\\. $", "")));
                return letter;
            });
        }

        private String size(Length width, Length height) {
            return width.equals(height) ? writer.write(width) : writer.write(height) + " × " + writer.write(width);
        }

        private PieceSheet piece(OpenedPiece piece, List<SheetSteps.Step> said, long count, boolean toBuy) {
            String title = piece.piece().describe(Math.toIntExact(count), system);
            List<SheetCut> cuts = new ArrayList<>();
            for (OpenedPiece.Cut cut : piece.cuts()) {
                String letter = letter(cut.cut());
                HeapLabel label = Known.of(labels, letter);
                labels.put(
                        letter, new HeapLabel(letter, label.count() + cut.count() * count, label.size(), label.use()));
                for (CutBlock block : cut.blocks()) {
                    cuts.add(new SheetCut(
                            block.x().toDoubleInches(),
                            block.y().toDoubleInches(),
                            block.pieceWidth().toDoubleInches(),
                            block.pieceHeight().toDoubleInches(),
                            block.across(),
                            block.along(),
                            size(block.pieceWidth(), block.pieceHeight()),
                            letter));
                }
            }
            return new PieceSheet(
                    title,
                    count,
                    toBuy,
                    piece.isTight(UsualSizes.of(system).tightWithin()),
                    piece.piece().width().toDoubleInches(),
                    piece.piece().length().toDoubleInches(),
                    writer.writeWithUnit(piece.piece().width()),
                    writer.writeWithUnit(piece.piece().length()),
                    cuts,
                    piece.leftovers().stream().map(this::rest).toList(),
                    steps(said, count),
                    !said.isEmpty() && said.stream().allMatch(each -> each.isIn(ticked)));
        }

        private SheetRest rest(Rectangle rest) {
            return new SheetRest(
                    rest.x().toDoubleInches(),
                    rest.y().toDoubleInches(),
                    rest.width().toDoubleInches(),
                    rest.height().toDoubleInches(),
                    writer.write(rest.width()) + " × " + writer.write(rest.height()),
                    writer.writeForFile(rest.width()),
                    writer.writeForFile(rest.height()));
        }

        private List<SheetStep> steps(List<SheetSteps.Step> said, long count) {
            List<SheetStep> steps = new ArrayList<>();
            for (SheetSteps.Step each : said) {
                CuttingSteps.CuttingStep step = each.step();
                sofar += step.pieces() * count;
                String running = step.pieces() == 0 ? "" : sofar + " of " + all + " pieces cut";
                steps.add(new SheetStep(
                        each.id().toString(),
                        step.says(),
                        each.isIn(ticked),
                        running,
                        step.where().stream().map(this::rest).toList()));
            }
            return steps;
        }
    }

    private static int done(PieceSheet piece) {
        return (int) piece.steps().stream().filter(SheetStep::done).count();
    }
}
