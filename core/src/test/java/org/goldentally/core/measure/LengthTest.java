package org.goldentally.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import org.apache.commons.numbers.fraction.BigFraction;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.junit.jupiter.api.Test;

class LengthTest {

    private static final BigDecimal ROOT_TWO = new BigDecimal(2).sqrt(new MathContext(60));

    @Test
    void aDiagonalAndBackIsTheSameLengthExactly() {
        assertThat(Length.inches(3, 1, 3).timesRootTwo().dividedByRootTwo()).isEqualTo(Length.inches(3, 1, 3));
    }

    @Test
    void thirdsAddUp() {
        Length third = Length.ofInches(BigFraction.of(10, 3));
        assertThat(third.plus(third).plus(third)).isEqualTo(Length.inches(10));
    }

    @Test
    void anInchIsExactlyTwoPointFiveFourCentimetres() {
        assertThat(Length.centimetres(254, 0, 1)).isEqualTo(Length.inches(100));
    }

    @Test
    void aLengthOnTheGridStaysAndOneAHairAboveGoesUp() {
        assertThat(Length.inches(3, 7, 8).roundedUpTo(Grid.EIGHTH_INCH)).isEqualTo(Length.inches(3, 7, 8));
        Length hairAbove = Length.inches(3, 7, 8).plus(Length.inches(0, 1, 1_000_000));
        assertThat(hairAbove.roundedUpTo(Grid.EIGHTH_INCH)).isEqualTo(Length.inches(4));
        assertThat(hairAbove.roundedDownTo(Grid.EIGHTH_INCH)).isEqualTo(Length.inches(3, 7, 8));
    }

    @Test
    void negativeLengthsRoundTowardsTheNamedSideToo() {
        assertThat(Length.inches(1).negated().timesRootTwo().roundedUpTo(Grid.HALF_INCH))
                .isEqualTo(Length.inches(1).negated());
        assertThat(Length.inches(1).negated().timesRootTwo().roundedDownTo(Grid.HALF_INCH))
                .isEqualTo(Length.inches(1, 1, 2).negated());
    }

    @Test
    void tellsApartADiagonalAndItsNearestTwelveDigits() {
        // 1.414213562373 is less than the square root of two by less than a millionth of a millionth.
        Length nearly = Length.ofInches(
                BigFraction.of(1_414_213_562).add(BigFraction.of(373, 1000)).divide(1_000_000_000));
        assertThat(Length.inches(1).timesRootTwo().isLongerThan(nearly)).isTrue();
        assertThat(Length.inches(1).timesRootTwo().minus(nearly).isPositive()).isTrue();
    }

    @Tries(300)
    void roundingUpAgreesWithSixtyDecimals(Chance chance) {
        int straight = chance.between(-500, 500);
        int diagonal = chance.between(-500, 500);
        int denominator = chance.between(1, 48);
        Length length = Length.inches(0, straight, denominator)
                .plus(Length.inches(0, diagonal, denominator).timesRootTwo());
        BigDecimal eighths = new BigDecimal(straight)
                .add(new BigDecimal(diagonal).multiply(ROOT_TWO))
                .multiply(new BigDecimal(8))
                .divide(new BigDecimal(denominator), new MathContext(50));
        BigDecimal up = eighths.round(new MathContext(40)).setScale(0, RoundingMode.CEILING);
        assertThat(length.roundedUpTo(Grid.EIGHTH_INCH)).isEqualTo(Length.inches(0, up.intValueExact(), 8));
    }

    @Tries(300)
    void dividingUndoesMultiplying(Chance chance) {
        int a = chance.between(-60, 60);
        int b = chance.between(-60, 60);
        int c = chance.between(1, 60);
        RootTwo x = RootTwo.of(new BigRootTwo(BigFraction.of(a, 7), BigFraction.of(b, 5)));
        RootTwo y = RootTwo.of(new BigRootTwo(BigFraction.of(c, 3), BigFraction.of(a, 11)));
        assertThat(x.times(y).dividedBy(y)).isEqualTo(x);
    }

    /** What does not fit into 64 bits any more is held in large numbers, and comes out the same. */
    @Tries(300)
    void largeAndSmallNumbersReckonAlike(Chance chance) {
        long a = chance.anyLong();
        int b = chance.between(-2_000_000, 2_000_000);
        int c = chance.between(1, Integer.MAX_VALUE);
        BigRootTwo x =
                new BigRootTwo(BigFraction.of(a).divide(c), BigFraction.of(b).divide(7));
        BigRootTwo y = new BigRootTwo(BigFraction.of(b).divide(c), BigFraction.of(3, 16));
        RootTwo u = RootTwo.of(x);
        RootTwo v = RootTwo.of(y);
        assertThat(u.plus(v)).isEqualTo(RootTwo.of(x.plus(y)));
        assertThat(u.times(v)).isEqualTo(RootTwo.of(x.times(y)));
        assertThat(u.dividedBy(v)).isEqualTo(RootTwo.of(x.dividedBy(y)));
        assertThat(u.compareTo(v)).isEqualTo(x.compareTo(y));
        assertThat(u.signum()).isEqualTo(x.signum());
        assertThat(u.floor()).isEqualTo(x.floor());
        assertThat(u.plus(v).minus(v)).isEqualTo(u);
    }

    @Test
    void cannotCountOffNothing() {
        assertThatThrownBy(() -> Length.inches(4).wholeTimes(Length.ZERO))
                .hasMessage("only a positive length can be counted off, not 0 in");
    }
}
