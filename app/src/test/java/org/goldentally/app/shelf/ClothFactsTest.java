package org.goldentally.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Stream;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ClothFactsTest {

    private static final ClothFacts FACTS = facts("#22384d", "30", false, "cotton", "12 a yard");

    static Stream<Arguments> changes() {
        return Stream.of(
                Arguments.of("colour", facts("#22384e", "31", true, "", "")),
                Arguments.of("lightness 31", facts("#22384d", "31", true, "", "")),
                Arguments.of("lightness of the swatch", facts("#22384d", "", false, "cotton", "12 a yard")),
                Arguments.of("directional print", facts("#22384d", "30", true, "cotton", "12 a yard")),
                Arguments.of("14 a yard", facts("#22384d", "30", false, "cotton", "14 a yard")),
                Arguments.of("no price", facts("#22384d", "30", false, "cotton", "")),
                Arguments.of("linen", facts("#22384d", "30", false, "linen", "12 a yard")),
                Arguments.of("of no kind", facts("#22384d", "30", false, "", "12 a yard")),
                Arguments.of(
                        "colour as it is shown", new ClothFacts("#22384d", "30", false, "cotton", "12 a yard", true)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("changes")
    void whatIsChangedIsNamed(String named, ClothFacts after) {
        assertThat(FACTS.changedTo(after)).isEqualTo(named);
    }

    @Test
    void aPrintThatLosesItsDirectionIsNamedToo() {
        assertThat(facts("#22384d", "", true, "", "").changedTo(facts("#22384d", "", false, "", "")))
                .isEqualTo("no directional print");
    }

    @Test
    void aNameSaysOfACloth() {
        assertThat(ClothFacts.ofName("dark green").guessed()).isFalse();
        assertThat(ClothFacts.ofName("autumn leaves").guessed()).isTrue();
        ClothFacts picked = FACTS.ofColour("#aabbcc", true);
        assertThat(picked.colour()).isEqualTo("#aabbcc");
        assertThat(picked.guessed()).isTrue();
        assertThat(picked.price()).isEqualTo("12 a yard");
    }

    @ParameterizedTest
    @CsvSource({"0", "100", "7", "55.5", "' 30 '", "''"})
    void aLightnessIsAShareOfWhite(String lightness) {
        assertThatCode(() -> facts("#22384d", lightness, false, "", "").checkAll("cloth"))
                .doesNotThrowAnyException();
    }

    @Test
    void whatSaysNothingIsRefusedTogether() {
        assertThatThrownBy(() -> facts("#22384d", "101", false, "", "dear").check("oat"))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refusal -> assertThat(refusal.problems().stream().map(Problem::why))
                                .containsExactly("“101” is no lightness", "“dear” is no price"));
        assertThatThrownBy(() -> facts("blue", "", false, "", "").checkAll("cloths[0]"))
                .hasMessageContaining("cloths[0].colour: “blue” is no colour");
    }

    private static ClothFacts facts(String colour, String lightness, boolean directional, String kind, String price) {
        return new ClothFacts(colour, lightness, directional, kind, price, false);
    }
}
