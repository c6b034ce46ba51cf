package org.goldentally.app.print;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.assertj.core.data.Offset;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Length;
import org.junit.jupiter.api.Test;

/** Outlines of templates, against what geometry says of them. */
class OutlineTest {

    private static final Offset<Double> THREAD = Offset.offset(1e-9);
    private static final Polygon HALF_OF_THREE =
            Polygon.of(Point.ORIGIN, Point.at(Length.inches(3), Length.ZERO), Point.at(Length.ZERO, Length.inches(3)));

    /** Half of a square that finishes at 3 in is cut from one larger by (2 + √2) seams: the 7/8 in of the handbooks, less a thread. */
    @Test
    void aTriangleWithItsSeamAllowanceIsHalfOfTheSquareThatIsCut() {
        Outline cut = Outline.of(HALF_OF_THREE).widened(0.25);
        assertThat(cut.width()).isCloseTo(3 + 0.25 * (2 + Math.sqrt(2)), THREAD);
        assertThat(cut.height()).isCloseTo(cut.width(), THREAD);
        assertThat(cut.width()).isBetween(3.85, 3.875);
        assertThat(cut.atOrigin().corners()).allSatisfy(corner -> {
            assertThat(corner[0]).isGreaterThanOrEqualTo(-1e-9);
            assertThat(corner[1]).isGreaterThanOrEqualTo(-1e-9);
        });
    }

    @Test
    void theWayRoundDoesNotMatterAndARectangleGrowsOnAllSides() {
        Polygon other = new Polygon(HALF_OF_THREE.corners().reversed());
        assertThat(Outline.of(other).widened(0.25).width())
                .isCloseTo(Outline.of(HALF_OF_THREE).widened(0.25).width(), THREAD);
        Polygon rectangle = Polygon.rectangle(Point.ORIGIN, Length.inches(2), Length.inches(4));
        assertThat(Outline.of(rectangle).widened(0.5).width()).isCloseTo(3, THREAD);
        assertThat(Outline.of(rectangle).widened(0.5).height()).isCloseTo(5, THREAD);
        assertThat(Outline.of(rectangle).isUprightRectangle()).isTrue();
        assertThat(Outline.of(HALF_OF_THREE).isUprightRectangle()).isFalse();
    }

    @Test
    void shapesThatCanBeLaidOnOneAnotherAreTheSame() {
        Polygon turned = Polygon.of(
                Point.at(Length.inches(5), Length.inches(5)),
                Point.at(Length.inches(2), Length.inches(5)),
                Point.at(Length.inches(5), Length.inches(2)));
        Polygon larger = Polygon.of(
                Point.ORIGIN, Point.at(Length.inches(4), Length.ZERO), Point.at(Length.ZERO, Length.inches(4)));
        assertThat(List.of(Outline.of(turned).shape()))
                .containsExactly(Outline.of(HALF_OF_THREE).shape());
        assertThat(Outline.of(larger).shape())
                .isNotEqualTo(Outline.of(HALF_OF_THREE).shape());
    }
}
