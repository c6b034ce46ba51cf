package org.goldentally.app.sew;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.goldentally.app.drawing.SvgNumbers;
import org.goldentally.app.sew.CardView.LayoutPicture;
import org.goldentally.app.sew.CardView.PlacedPiece;
import org.goldentally.app.sew.CardView.PressedSeam;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.sew.Assembly;
import org.goldentally.core.sew.Layout;

/** Layouts as drawings and words. */
final class LayoutPictures {

    private final LengthWriter writer;
    private final Map<String, Integer> clothPlaces;

    LayoutPictures(LengthWriter writer, Map<String, Integer> clothPlaces) {
        this.writer = writer;
        this.clothPlaces = clothPlaces;
    }

    LayoutPicture of(String name, Layout layout, List<FigurePatch> patches) {
        Assembly.Box whole = layout.assembly().root().box();
        return new LayoutPicture(
                name,
                whole.right().toDoubleInches(),
                whole.bottom().toDoubleInches(),
                patches.stream()
                        .map(patch -> SvgNumbers.points(patch.outline()))
                        .toList(),
                patches.stream()
                        .map(patch -> patch.isBlank() ? -2 : clothPlaces.getOrDefault(patch.cloth(), -1))
                        .toList(),
                layout.pieces().stream()
                        .map(piece -> new PlacedPiece(
                                piece.number(),
                                piece.box().left().toDoubleInches(),
                                piece.box().top().toDoubleInches(),
                                piece.box().width().toDoubleInches(),
                                piece.box().height().toDoubleInches(),
                                piece.what(),
                                piece.quarterTurns(),
                                piece.mirrored()))
                        .toList(),
                layout.pressing().seams().stream()
                        .map(each -> new PressedSeam(
                                each.seam().from().x().toDoubleInches(),
                                each.seam().from().y().toDoubleInches(),
                                each.seam().to().x().toDoubleInches(),
                                each.seam().to().y().toDoubleInches(),
                                each.direction(),
                                each.againstSchool()))
                        .toList(),
                notes(layout),
                joins(layout));
    }

    LayoutPicture of(String name, Figure figure, Layout layout) {
        return of(name, layout, figure.patches());
    }

    private List<String> notes(Layout layout) {
        List<String> notes = new ArrayList<>(layout.pressing().notes());
        if (!layout.assembly().straightOnly()) {
            notes.add("Some pieces go round each other: sew the first of these seams only in part, and close it at the"
                    + " end.");
        }
        return notes;
    }

    /** {@code Row 1: 1 + 2 + 3, then 3 1/2 × 9 1/2 unfinished}. */
    private List<String> joins(Layout layout) {
        List<String> joins = new ArrayList<>();
        if (layout.assembly().root() instanceof Assembly.Joined root) {
            for (int i = 0; i < root.parts().size(); i++) {
                joins.add((root.above() ? "Row " : "Column ") + (i + 1) + ": "
                        + say(root.parts().get(i)));
            }
        }
        joins.add("Joined it should measure " + writer.write(layout.unfinishedWidth()) + " × "
                + writer.writeWithUnit(layout.unfinishedHeight()) + " unfinished");
        return joins;
    }

    private static String say(Assembly.Part part) {
        return switch (part) {
            case Assembly.Single single -> "" + single.number();
            case Assembly.Joined joined -> {
                List<String> parts = joined.parts().stream()
                        .map(each -> each instanceof Assembly.Single ? say(each) : "(" + say(each) + ")")
                        .toList();
                yield joined.parts().size() > 12
                        ? parts.getFirst() + " to " + parts.getLast()
                        : String.join(joined.above() ? " over " : " + ", parts);
            }
            case Assembly.PartialSeams partial ->
                "partial seams round " + partial.parts().getFirst().number() + " to "
                        + partial.parts().getLast().number();
        };
    }
}
