package org.goldentally.core.step;

import static org.goldentally.core.step.Sketch.line;
import static org.goldentally.core.step.Sketch.square;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.goldentally.core.geometry.Line;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.unit.ClothRole;

/**
 * Geese: a large square and four small ones, each cut loose or sewn four at a time.
 *
 * @param large side of the large square as cut
 * @param small side of a small square as cut
 */
record GeeseSteps(
        Length large, Length small, Length trimmedWidth, Length trimmedHeight, SewingSettings settings, Habits habits) {

    private static final Length NONE = Length.ZERO;

    /** Four at a time. */
    List<Step> four() {
        List<Step> steps = new ArrayList<>(firstTwoSquares());
        steps.addAll(thirdSquare());
        steps.addAll(goose());
        return steps;
    }

    private List<Step> firstTwoSquares() {
        List<Line> seams = PairSteps.besideDiagonals(large, settings, false);
        return List.of(
                twoOnOne()
                        .step(
                                Step.Kind.PAIR,
                                "Two small squares on opposite corners of the large one, right sides together; their corners overlap a little in the middle."),
                twoOnOne()
                        .mark(diagonal())
                        .stitch(seams)
                        .step(
                                Step.Kind.STITCH,
                                "Mark the diagonal through both and stitch " + seam() + " on both sides of it."),
                twoOnOne().stitch(seams).cut(diagonal()).step(Step.Kind.CUT, "Cut on the diagonal, between the seams."),
                half().step(
                                Step.Kind.PRESS,
                                "Flip the small triangles open. "
                                        + habits.pressing().instruction()));
    }

    private Sketch twoOnOne() {
        return new Sketch()
                .cloth(ClothRole.A, square(NONE, NONE, large))
                .upper(ClothRole.B, square(NONE, NONE, small))
                .upper(ClothRole.B, square(far(), far(), small));
    }

    /** Sewn onto each half, across its corner. */
    private List<Step> thirdSquare() {
        Line otherSeam = line(far().plus(off()), small, large, off());
        List<Line> seams = List.of(secondSeam(), otherSeam);
        return List.of(
                half().upper(ClothRole.B, third())
                        .mark(List.of(crossing()))
                        .stitch(seams)
                        .step(
                                Step.Kind.STITCH,
                                "A small square on the corner of the large fabric; mark its diagonal, from the corner inwards, and stitch on both sides of it."),
                half().upper(ClothRole.B, third())
                        .stitch(seams)
                        .cut(List.of(crossing()))
                        .step(Step.Kind.CUT, "Cut between the seams: two geese from each half, four in all."));
    }

    /** One goose: the part left of the crossing, with the wing from the third square. */
    private List<Step> goose() {
        return List.of(
                opened().step(Step.Kind.PRESS, "Flip the last triangle open and press."),
                opened().trim(trimmed())
                        .step(
                                Step.Kind.TRIM,
                                "Trim to " + writer().write(trimmedWidth) + " × "
                                        + writer().writeWithUnit(trimmedHeight) + ", " + seam()
                                        + " of fabric beyond the point."));
    }

    /** Bodies and wings cut loose and joined. */
    List<Step> loose() {
        Length next = large.plus(small.dividedBy(4));
        List<Line> cuts = new ArrayList<>(PairSteps.diagonals(large));
        cuts.add(line(next, NONE, next.plus(small), small));
        Length middle = large.dividedBy(2);
        return List.of(
                new Sketch()
                        .cloth(ClothRole.A, square(NONE, NONE, large))
                        .cloth(ClothRole.B, square(next, NONE, small))
                        .cut(cuts)
                        .step(
                                Step.Kind.CUT,
                                "Cut the large square on both diagonals: four bodies. Cut each small square on one: two wings."),
                opened().stitch(List.of(line(off(), NONE, middle, middle.minus(off()))))
                        .step(
                                Step.Kind.STITCH,
                                "One wing to a short side of the body, right sides together, the tips " + seam()
                                        + " beyond; press; then the other."),
                opened().step(Step.Kind.PRESS, habits.pressing().instruction()),
                goose().getLast());
    }

    private LengthWriter writer() {
        return settings.system().writer();
    }

    private String seam() {
        return writer().writeWithUnit(settings.seamAllowance());
    }

    /** How far a seam beside a diagonal is from it, along the edge. */
    private Length off() {
        return settings.seamAllowance().timesRootTwo();
    }

    private Length far() {
        return large.minus(small);
    }

    private List<Line> diagonal() {
        return List.of(line(NONE, NONE, large, large));
    }

    private Polygon third() {
        return square(far(), NONE, small);
    }

    private Line crossing() {
        return line(far(), small, large, NONE);
    }

    private Line firstSeam() {
        return line(off(), NONE, large, large.minus(off()));
    }

    private Line secondSeam() {
        return line(far(), small.minus(off()), large.minus(off()), NONE);
    }

    private List<Polygon> halfBody() {
        return Sketch.body(SquareSteps.lowerHalf(large), firstSeam());
    }

    private List<Polygon> nearWing() {
        return Sketch.mirrored(Sketch.body(SquareSteps.lowerHalf(small), firstSeam()), firstSeam());
    }

    /** The half below the diagonal, its two wings opened over the first seam. */
    private Sketch half() {
        List<Polygon> farWing = Sketch.beyond(
                List.of(SquareSteps.lowerHalf(small).movedBy(far(), far())), Sketch.reversed(firstSeam()));
        return new Sketch()
                .cloths(ClothRole.A, halfBody())
                .cloths(ClothRole.B, nearWing())
                .cloths(ClothRole.B, Sketch.mirrored(farWing, firstSeam()));
    }

    private List<Polygon> body() {
        return Sketch.beyond(halfBody(), Sketch.reversed(secondSeam()));
    }

    /** The allowance of the first wing lies under the last one, and shows beyond the point. */
    private Sketch opened() {
        List<Polygon> beforeCrossing = Sketch.beyond(List.of(third()), Sketch.reversed(secondSeam()));
        List<Polygon> lastWing =
                Sketch.beyond(beforeCrossing, Sketch.reversed(diagonal().getFirst()));
        return new Sketch()
                .cloths(ClothRole.A, body())
                .cloths(ClothRole.B, Sketch.beyond(nearWing(), Sketch.reversed(crossing())))
                .cloths(ClothRole.B, Sketch.mirrored(lastWing, secondSeam()));
    }

    private Polygon trimmed() {
        Point peak = body().stream()
                .flatMap(patch -> patch.corners().stream())
                .max(Comparator.comparing(Point::y))
                .orElseThrow();
        Point corner = peak.plus(
                trimmedWidth.dividedBy(2).negated(), settings.seamAllowance().minus(trimmedHeight));
        return Polygon.rectangle(corner, trimmedWidth, trimmedHeight);
    }
}
