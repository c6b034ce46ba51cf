package org.goldentally.core.problem;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;

class LimitsTest {

    @Test
    void whatIsAtALimitIsTaken() {
        assertThatCode(() -> {
                    Limits.text("four", 4, "name");
                    Limits.list(List.of(1, 2), 2, "rows");
                    Limits.texts(List.of("four"), 1, 4, "names");
                    Limits.between(1, 1, 3, "layers");
                    Limits.between(3, 1, 3, "layers");
                    Limits.holds(true, "never");
                })
                .doesNotThrowAnyException();
    }

    @Test
    void whatIsBeyondIsRefusedByItsName() {
        refused("name is missing", () -> Limits.text(null, 4, "name"));
        refused("name is longer than 4 characters", () -> Limits.text("fiver", 4, "name"));
        refused("rows is missing", () -> Limits.list(null, 4, "rows"));
        refused("rows has 3 entries; 2 are the most", () -> Limits.list(List.of(1, 2, 3), 2, "rows"));
        refused("rows has an entry that is missing", () -> Limits.list(Arrays.asList(1, null), 2, "rows"));
        refused("names is missing", () -> Limits.texts(null, 1, 4, "names"));
        refused("names is longer than 4 characters", () -> Limits.texts(List.of("fiver"), 1, 4, "names"));
        refused("layers is 0; it goes from 1 to 3", () -> Limits.between(0, 1, 3, "layers"));
        refused("layers is 4; it goes from 1 to 3", () -> Limits.between(4, 1, 3, "layers"));
        refused("a half needs a middle", () -> Limits.holds(false, "a half needs a middle"));
    }

    private static void refused(String said, ThrowingCallable call) {
        assertThatThrownBy(call).isInstanceOf(IllegalArgumentException.class).hasMessage(said);
    }
}
