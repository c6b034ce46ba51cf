package org.goldentally.core.unit;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.PatchworkUnit.CornerFlipUnit;
import org.goldentally.core.unit.PatchworkUnit.CornerSettingTriangle;
import org.goldentally.core.unit.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.PiecedHalfUnit;
import org.goldentally.core.unit.PatchworkUnit.PlainPatch;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangle;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.SideSettingTriangle;
import org.goldentally.core.unit.PatchworkUnit.SplitQuarterUnit;
import org.goldentally.core.unit.PatchworkUnit.StripPatch;
import org.goldentally.core.unit.PatchworkUnit.StripSetSegment;
import org.goldentally.core.unit.PatchworkUnit.StripSetTriangleUnit;

/** Units as they show in the finished quilt: patches in exact geometry that fill the unit without gap or overlap. */
public final class UnitDrawing {

    private static final Length NONE = Length.ZERO;

    /** How much longer than wide a piece of a strip is drawn, since a strip is as long as its cloth (for showing only). */
    private static final int STRIP_SHOWN = 6;

    private UnitDrawing() {}

    /** A patch of the finished unit. */
    public record UnitPatch(Polygon outline, ClothRole cloth) {}

    /** How far a drawing goes, to the right and down. */
    public static Point lowerRight(List<UnitPatch> patches) {
        List<Point> corners = patches.stream()
                .flatMap(patch -> patch.outline().corners().stream())
                .toList();
        return Point.at(
                corners.stream().map(Point::x).reduce(Length.ZERO, Length::max),
                corners.stream().map(Point::y).reduce(Length.ZERO, Length::max));
    }

    /** Patches of a unit at its finished size, in the order of its cloths. */
    public static List<UnitPatch> of(PatchworkUnit unit) {
        Length w = unit.finishedWidth();
        Length h = unit.finishedHeight();
        return switch (unit) {
            case HalfSquareTriangleUnit half ->
                List.of(
                        patch(ClothRole.A, at(NONE, NONE), at(w, NONE), at(NONE, w)),
                        patch(ClothRole.B, at(w, NONE), at(w, w), at(NONE, w)));
            case StripSetTriangleUnit striped -> striped(w);
            case QuarterSquareTriangleUnit hourglass -> hourglass(w, hourglass.cloths());
            case SplitQuarterUnit split -> split(w);
            case QuarterSquareTriangle triangle -> List.of(longSideDown(w));
            case SideSettingTriangle triangle -> List.of(longSideDown(w));
            case CornerSettingTriangle corner -> List.of(patch(ClothRole.A, at(NONE, NONE), at(NONE, w), at(w, w)));
            case FlyingGeeseUnit goose ->
                List.of(
                        patch(ClothRole.A, at(NONE, h), at(h, NONE), at(w, h)),
                        patch(ClothRole.B, at(NONE, NONE), at(h, NONE), at(NONE, h)),
                        patch(ClothRole.B, at(h, NONE), at(w, NONE), at(w, h)));
            case CornerFlipUnit flip -> flipped(flip);
            case PiecedHalfUnit half -> piecedHalf(half);
            case PlainPatch plain -> List.of(rectangle(ClothRole.A, NONE, w, h));
            case StripPatch strip -> List.of(rectangle(ClothRole.A, NONE, w.times(STRIP_SHOWN), w));
            case StripSetSegment segment -> segment(segment);
        };
    }

    private static List<UnitPatch> hourglass(Length w, int cloths) {
        Point centre = at(w.dividedBy(2), w.dividedBy(2));
        List<ClothRole> round = switch (cloths) {
            case 2 -> List.of(ClothRole.A, ClothRole.B, ClothRole.A, ClothRole.B);
            case 3 -> List.of(ClothRole.A, ClothRole.C, ClothRole.B, ClothRole.C);
            default -> List.of(ClothRole.A, ClothRole.B, ClothRole.C, ClothRole.D);
        };
        List<Point> corners = List.of(at(NONE, NONE), at(w, NONE), at(w, w), at(NONE, w));
        List<UnitPatch> patches = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            patches.add(patch(round.get(i), corners.get(i), corners.get((i + 1) % 4), centre));
        }
        return patches;
    }

    private static List<UnitPatch> split(Length w) {
        Point centre = at(w.dividedBy(2), w.dividedBy(2));
        return List.of(
                patch(ClothRole.A, at(NONE, NONE), at(w, NONE), centre),
                patch(ClothRole.B, at(NONE, NONE), centre, at(NONE, w)),
                patch(ClothRole.C, at(w, NONE), at(w, w), at(NONE, w)));
    }

    /** Two striped triangles: the second cloth lies along the seam, its finished height half the triangle's or less. */
    private static List<UnitPatch> striped(Length w) {
        Length half = w.dividedBy(2);
        return List.of(
                patch(ClothRole.A, at(half, NONE), at(w, NONE), at(w, half)),
                patch(ClothRole.A, at(NONE, half), at(half, w), at(NONE, w)),
                new UnitPatch(
                        Polygon.of(at(NONE, NONE), at(half, NONE), at(w, half), at(w, w), at(half, w), at(NONE, half)),
                        ClothRole.B));
    }

    private static UnitPatch longSideDown(Length w) {
        Length half = w.dividedBy(2);
        return patch(ClothRole.A, at(NONE, half), at(half, NONE), at(w, half));
    }

    /** Corners in the order right, left, lower right, lower left; the base is what they leave of it. */
    private static List<UnitPatch> flipped(CornerFlipUnit flip) {
        Length w = flip.finishedWidth();
        Length h = flip.finishedHeight();
        Length c = flip.finishedCorner();
        int corners = flip.corners();
        List<Point> base = new ArrayList<>();
        List<UnitPatch> patches = new ArrayList<>();
        addCorner(corners >= 2, at(NONE, NONE), at(NONE, c), at(c, NONE), base, patches);
        addCorner(corners >= 1, at(w, NONE), at(w.minus(c), NONE), at(w, c), base, patches);
        addCorner(corners >= 3, at(w, h), at(w, h.minus(c)), at(w.minus(c), h), base, patches);
        addCorner(corners >= 4, at(NONE, h), at(c, h), at(NONE, h.minus(c)), base, patches);
        patches.addFirst(new UnitPatch(new Polygon(base.stream().distinct().toList()), ClothRole.A));
        return patches;
    }

    private static void addCorner(
            boolean flipped, Point corner, Point before, Point after, List<Point> base, List<UnitPatch> patches) {
        if (flipped) {
            base.add(before);
            base.add(after);
            patches.add(patch(ClothRole.B, before, corner, after));
        } else {
            base.add(corner);
        }
    }

    private static List<UnitPatch> piecedHalf(PiecedHalfUnit half) {
        Length w = half.finishedWidth();
        Length s = half.smallFinished();
        List<UnitPatch> patches = new ArrayList<>();
        for (int row = 0; row < half.rows(); row++) {
            for (int column = 0; column < half.rows() - row; column++) {
                Length x = s.times(column);
                Length y = s.times(row);
                patches.add(patch(ClothRole.B, at(x, y), at(x.plus(s), y), at(x, y.plus(s))));
                if (column < half.rows() - row - 1) {
                    patches.add(patch(ClothRole.C, at(x.plus(s), y), at(x.plus(s), y.plus(s)), at(x, y.plus(s))));
                }
            }
        }
        patches.add(patch(ClothRole.A, at(w, NONE), at(w, w), at(NONE, w)));
        return patches;
    }

    private static List<UnitPatch> segment(StripSetSegment segment) {
        Length w = segment.finishedWidth();
        List<UnitPatch> patches = new ArrayList<>();
        for (int i = 0; i < segment.strips(); i++) {
            patches.add(rectangle(ClothRole.at(i), segment.namedSize().times(i), w, segment.namedSize()));
        }
        return patches;
    }

    private static UnitPatch rectangle(ClothRole cloth, Length y, Length width, Length height) {
        return new UnitPatch(Polygon.rectangle(at(NONE, y), width, height), cloth);
    }

    private static UnitPatch patch(ClothRole cloth, Point a, Point b, Point c) {
        return new UnitPatch(Polygon.of(a, b, c), cloth);
    }

    private static Point at(Length x, Length y) {
        return Point.at(x, y);
    }
}
