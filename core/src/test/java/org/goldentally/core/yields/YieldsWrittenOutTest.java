package org.goldentally.core.yields;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.chance.Written;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.ClothPiece.Edge;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.Units;
import org.goldentally.core.yields.MethodAnswer.Impossible;
import org.goldentally.core.yields.MethodAnswer.Possible;
import org.junit.jupiter.api.Test;

/** What every method makes of a few pieces of cloth, with its hints, written out. */
class YieldsWrittenOutTest {

    private static final SewingSettings INCHES = SewingSettings.usual(MeasureSystem.INCH);
    private static final SewingSettings CENTIMETRES = SewingSettings.usual(MeasureSystem.CENTIMETRE);

    /** Some that are large enough, some that are not quite, some whose edges have to be cut true. */
    private static Map<String, ClothPiece> pieces() {
        Map<String, ClothPiece> pieces = new LinkedHashMap<>();
        pieces.put("10 in square", ClothPiece.square(Length.inches(10)));
        pieces.put("5 in square", ClothPiece.square(Length.inches(5)));
        pieces.put("4 in square", ClothPiece.square(Length.inches(4)));
        pieces.put("2 1/2 in strip", piece(PieceForm.STRIP, Edge.STRAIGHT, Length.inches(42), Length.inches(2, 1, 2)));
        pieces.put("pinked 8 in square", piece(PieceForm.SQUARE, Edge.PINKED, Length.inches(8), Length.inches(8)));
        pieces.put("fat quarter", piece(PieceForm.FAT_QUARTER, Edge.STRAIGHT, Length.inches(18), Length.inches(21)));
        pieces.put("1/4 yard", piece(PieceForm.YARDAGE, Edge.STRAIGHT, Length.inches(42), Length.inches(9)));
        return pieces;
    }

    @Test
    void whatAFewPiecesGive() {
        List<String> lines = new ArrayList<>();
        pieces().forEach((name, piece) ->
                Units.OF_EVERY_KIND.forEach(unit -> answers(lines, name, piece, unit, INCHES)));
        Units.OF_EVERY_KIND.forEach(unit -> answers(
                lines,
                "25 cm square",
                ClothPiece.square(Length.centimetres(25, 0, 1)),
                unit.resized(Length.inches(2, 3, 16)),
                CENTIMETRES));
        Written.as("yields.txt", lines);
    }

    private static void answers(
            List<String> lines, String name, ClothPiece piece, PatchworkUnit unit, SewingSettings settings) {
        lines.add("= " + name + ", " + unit.name() + " "
                + settings.system().writer().writeWithUnit(unit.namedSize()));
        for (MethodAnswer answer : new YieldEngine().ask(piece, unit, settings)) {
            switch (answer) {
                case Possible can -> {
                    lines.add("  " + can.method().key() + ": " + can.unitsFromOneOfEach());
                    can.hints()
                            .forEach(hint -> lines.add("    " + hint.where() + ": " + hint.why() + "; " + hint.fix()));
                }
                case Impossible no -> {
                    lines.add("  " + no.method().key() + ": none, "
                            + no.problem().where() + ": " + no.problem().why());
                    no.nearest()
                            .ifPresent(largest -> lines.add(
                                    "    up to " + settings.system().writer().writeWithUnit(largest)));
                }
            }
        }
    }

    private static ClothPiece piece(PieceForm form, Edge edge, Length width, Length length) {
        return new ClothPiece(form, width, length, edge);
    }
}
