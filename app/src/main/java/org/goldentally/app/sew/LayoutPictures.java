package org.goldentally.app.sew;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import org.goldentally.app.drawing.SvgNumbers;
import org.goldentally.app.sew.CardView.LayoutPicture;
import org.goldentally.app.sew.CardView.PlacedPiece;
import org.goldentally.app.sew.CardView.PressedSeam;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.quilt.PartId;
import org.goldentally.core.sew.Assembly;
import org.goldentally.core.sew.Layout;
import org.goldentally.core.sew.Layout.LaidPiece;
import org.goldentally.core.sew.LayoutWords;
import org.goldentally.core.sew.PressingMap.Direction;
import org.goldentally.core.sew.TopPressing.Opened;

/** Layouts as drawings. */
final class LayoutPictures {

    /** The number of a block among others stands clear of its seams. */
    private static final double UPPER_LEFT = 0.28;

    private final LengthWriter writer;
    private final Map<String, Integer> clothPlaces;

    LayoutPictures(LengthWriter writer, Map<String, Integer> clothPlaces) {
        this.writer = writer;
        this.clothPlaces = clothPlaces;
    }

    /** A patch where it is drawn. */
    record Drawn(Polygon outline, FigurePatch patch) {}

    /**
     * @param letters of pieces by their ids: in which way each is pressed
     * @param opened seams of single blocks, to be drawn with those of the layout
     */
    LayoutPicture of(
            String name,
            Layout layout,
            List<Drawn> patches,
            Map<PartId, String> letters,
            List<Opened> opened,
            List<String> notes) {
        Assembly.Box whole = Layout.around(patches.stream()
                .flatMap(patch -> patch.outline().corners().stream())
                .toList());
        List<PressedSeam> seams = new ArrayList<>();
        layout.pressing()
                .seams()
                .forEach(each -> seams.add(seam(each.seam(), each.direction(), each.againstSchool(), false)));
        opened.stream()
                .filter(each -> each.part().isPresent())
                .forEach(each -> seams.add(seam(each.onTop(), Direction.OPEN, false, true)));
        return new LayoutPicture(
                name,
                whole.right().toDoubleInches(),
                whole.bottom().toDoubleInches(),
                writer.writeWithUnit(whole.right()) + " finished",
                writer.writeWithUnit(whole.bottom()) + " finished",
                patches.stream()
                        .map(patch -> SvgNumbers.points(patch.outline()))
                        .toList(),
                patches.stream().map(this::cloth).toList(),
                layout.pieces().stream().map(piece -> placed(piece, letters)).toList(),
                seams,
                LayoutWords.presses(layout),
                Stream.concat(LayoutWords.notes(layout).stream(), notes.stream())
                        .toList(),
                LayoutWords.joins(layout, writer));
    }

    private static PlacedPiece placed(LaidPiece piece, Map<PartId, String> letters) {
        double left = piece.box().left().toDoubleInches();
        double top = piece.box().top().toDoubleInches();
        double width = piece.box().width().toDoubleInches();
        double height = piece.box().height().toDoubleInches();
        boolean block = piece.id().filter(PartId.BlockAt.class::isInstance).isPresent();
        List<Point> corners = piece.outline().corners();
        return new PlacedPiece(
                piece.number(),
                piece.id().map(letters::get).orElse(""),
                SvgNumbers.points(piece.outline()),
                left,
                top,
                width,
                height,
                block ? left + width * UPPER_LEFT : mean(corners, Point::x),
                block ? top + height * UPPER_LEFT : mean(corners, Point::y),
                piece.what(),
                piece.quarterTurns(),
                piece.mirrored());
    }

    private static double mean(List<Point> corners, Function<Point, Length> axis) {
        return corners.stream()
                .mapToDouble(corner -> axis.apply(corner).toDoubleInches())
                .average()
                .orElseThrow();
    }

    private int cloth(Drawn patch) {
        return patch.patch().isBlank()
                ? -2
                : clothPlaces.getOrDefault(patch.patch().cloth(), -1);
    }

    private static PressedSeam seam(Assembly.Seam seam, Direction direction, boolean againstSchool, boolean inBlock) {
        return new PressedSeam(
                seam.from().x().toDoubleInches(),
                seam.from().y().toDoubleInches(),
                seam.to().x().toDoubleInches(),
                seam.to().y().toDoubleInches(),
                direction,
                againstSchool,
                inBlock);
    }
}
