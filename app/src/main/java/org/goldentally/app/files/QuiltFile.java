package org.goldentally.app.files;

import java.util.List;
import org.goldentally.app.shelf.ClothFacts;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Limits;
import org.goldentally.core.sew.LogEntry;

/**
 * A whole quilt: its design, the cloth of the shelf that it uses, and its log.
 *
 * @param goldenTallyQuilt the version of this form of file; {@value #CURRENT}
 * @param design refers to cloths of {@code shelf} by their ids
 * @param log in the order in which it was written
 */
public record QuiltFile(
        int goldenTallyQuilt, String name, QuiltDesign design, List<FileCloth> shelf, List<FileEntry> log) {

    public static final int CURRENT = 1;

    private static final int MOST_CLOTHS = 400;
    private static final int MOST_LOTS = 400;
    static final int MOST_ENTRIES = 20_000;

    public QuiltFile {
        Limits.between(goldenTallyQuilt, CURRENT, CURRENT, "goldenTallyQuilt");
        Limits.text(name, 80, "name");
        Limits.required(design, "design");
        Limits.list(shelf, MOST_CLOTHS, "shelf");
        Limits.list(log, MOST_ENTRIES, "log");
        shelf = List.copyOf(shelf);
        log = List.copyOf(log);
    }

    /** A cloth with its lots of pieces. */
    public record FileCloth(String id, String name, String pack, ClothFacts facts, List<FileLot> pieces) {
        public FileCloth {
            Limits.text(id, 60, "id");
            Limits.text(name, 200, "name");
            Limits.text(pack, 200, "pack");
            Limits.required(facts, "facts");
            Limits.list(pieces, MOST_LOTS, "pieces");
            pieces = List.copyOf(pieces);
        }
    }

    /**
     * Equal pieces.
     *
     * @param width exact, such as {@code 10 in} or {@code 35/2 in}
     */
    public record FileLot(
            int count, PieceForm form, String width, String length, ClothPiece.Edge edge, MeasureSystem system) {
        public FileLot {
            Limits.between(count, 1, 10_000, "count");
            Limits.required(form, "form");
            Limits.text(width, 40, "width");
            Limits.text(length, 40, "length");
            Limits.required(edge, "edge");
            Limits.required(system, "system");
        }
    }

    /**
     * A line of the log.
     *
     * @param at as in ISO 8601, such as {@code 2026-11-23T20:15:30.123456Z}
     * @param takesBack id of the entry that this one takes back; empty for others
     * @param times sets that were counted together
     * @param spoiled units among them that are no good
     */
    public record FileEntry(
            String id,
            String at,
            LogEntry.Kind kind,
            String batch,
            int units,
            String hand,
            String text,
            String takesBack,
            @LeftOut("1") int times,
            @LeftOut("0") int spoiled) {
        public FileEntry {
            Limits.text(id, 36, "id");
            Limits.text(at, 40, "at");
            Limits.required(kind, "kind");
            Limits.text(batch, 1_000, "batch");
            Limits.text(hand, 5, "hand");
            Limits.text(text, 2_000, "text");
            Limits.text(takesBack, 36, "takesBack");
        }
    }
}
