package org.goldentally.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import org.assertj.core.data.Offset;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.measure.Length;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Placings against the affine transformations of a general geometry library. */
class PlacingTest {

    private static final Offset<Double> THREAD = Offset.offset(1e-9);

    @Tries(300)
    void aPlacingIsMirroringThenTurningThenMoving(Chance chance) {
        int width = chance.between(1, 40);
        int height = chance.between(1, 40);
        boolean mirrored = chance.flag();
        int turns = chance.between(-4, 7);
        boolean onPoint = chance.flag();
        int x = chance.between(-30, 30);
        int y = chance.between(-30, 30);
        Placing placing = new Placing(
                Length.inches(width),
                Length.inches(height),
                mirrored,
                turns,
                onPoint,
                Length.inches(x),
                Length.inches(y));
        AffineTransformation wanted = new AffineTransformation();
        if (mirrored) {
            wanted.scale(-1, 1).translate(width, 0);
        }
        double turnedWidth = width;
        double turnedHeight = height;
        for (int i = 0; i < Math.floorMod(turns, 4); i++) {
            // Clockwise with y downwards, then back into the corner of its box.
            wanted.rotate(Math.PI / 2).translate(turnedHeight, 0);
            double swap = turnedWidth;
            turnedWidth = turnedHeight;
            turnedHeight = swap;
        }
        if (onPoint) {
            wanted.rotate(Math.PI / 4);
        }
        wanted.translate(x, y);
        for (Point corner : Polygon.rectangle(Point.ORIGIN, Length.inches(width), Length.inches(height))
                .corners()) {
            Point placed = placing.apply(corner);
            Coordinate expected = new Coordinate();
            wanted.transform(
                    new Coordinate(corner.x().toDoubleInches(), corner.y().toDoubleInches()), expected);
            assertThat(placed.x().toDoubleInches()).isCloseTo(expected.x, THREAD);
            assertThat(placed.y().toDoubleInches()).isCloseTo(expected.y, THREAD);
        }
        assertThat(placing.turnedWidth()).isEqualTo(Length.inches((int) turnedWidth));
        assertThat(placing.turnedHeight()).isEqualTo(Length.inches((int) turnedHeight));
    }

    @Tries(60)
    void fourTurnsAndTwoMirroringsLeaveEverythingWhereItWas(Chance chance) {
        int side = chance.between(1, 20);
        int turns = chance.between(0, 3);
        Length length = Length.inches(side);
        Polygon patch = Polygon.of(Point.ORIGIN, Point.at(length, Length.ZERO), Point.at(Length.ZERO, length));
        Polygon turned = patch;
        for (int i = 0; i < 4; i++) {
            turned = Placing.turned(length, length, false, turns, Length.ZERO, Length.ZERO)
                    .apply(turned);
        }
        assertThat(turned).isEqualTo(patch);
        Placing mirror = Placing.turned(length, length, true, 0, Length.ZERO, Length.ZERO);
        assertThat(mirror.apply(mirror.apply(patch))).isEqualTo(patch);
    }
}
