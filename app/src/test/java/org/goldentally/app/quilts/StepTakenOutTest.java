package org.goldentally.app.quilts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The step before a change, the change, and what came later, as small documents. */
class StepTakenOutTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    @ParameterizedTest(name = "{0}, then {1}, then {2}")
    @CsvSource(delimiter = '|', textBlock = """
                    seam: 1            | seam: 2              | seam: 2, rows: 3       | rows: 3, seam: 1
                    seam: 1            | seam: 2              | seam: 1, rows: 3       | seam: 1, rows: 3
                    rows: 1            | rows: 1, seam: 2     | rows: 5, seam: 2       | rows: 5
                    seam: 2, rows: 1   | rows: 1              | rows: 5                | rows: 5, seam: 2
                    plan: {a: 1, b: 1} | plan: {a: 2, b: 1}   | plan: {a: 2, b: 9}     | plan: {a: 1, b: 9}
                    borders: [4]       | borders: [5]         | borders: [5, 6]        | borders: [4, 6]
                    borders: [4, 6]    | borders: [5, 6]      | borders: [5]           | borders: [4]
                    borders: []        | borders: [4]         | borders: [4], rows: 2  | borders: [], rows: 2
                    cutSizes: []       | cutSizes: [{units: x, method: y, typed: 5}] | \
                    cutSizes: [{units: w, method: y, typed: 4}, {units: x, method: y, typed: 5}] | \
                    cutSizes: [{units: w, method: y, typed: 4}]
                    places: [{row: 0, column: 1, turns: 0}] | places: [{row: 0, column: 1, turns: 1}] | \
                    places: [{row: 0, column: 0, turns: 2}, {row: 0, column: 1, turns: 1}] | \
                    places: [{row: 0, column: 0, turns: 2}, {row: 0, column: 1, turns: 0}]
                    cloths: [{key: a}] | cloths: [{key: a}, {key: b}] | cloths: [{key: a}, {key: b}], rows: 2 | \
                    cloths: [{key: a}], rows: 2
                    blocks: [{key: s, in: a}], cloths: [{key: a}] | blocks: [{key: s, in: a}, {key: t, in: s}], cloths: [{key: a}] | \
                    blocks: [{key: s, in: a}, {key: t, in: s}], cloths: [{key: a}], rows: 4 | \
                    blocks: [{key: s, in: a}], cloths: [{key: a}], rows: 4
                    """)
    void whatCameLaterStays(String before, String after, String now, String without) {
        assertThat(StepTakenOut.from(steps(before, after, now))).isEqualTo(design(without));
    }

    @ParameterizedTest(name = "{0}, then {1}, then {2}")
    @CsvSource(delimiter = '|', textBlock = """
                    seam: 1          | seam: 2          | seam: 3           | “later” went on from it
                    plan: {a: 1}     | plan: {a: 2}     | plan: {a: {b: 1}} | “later” went on from it
                    borders: [4]     | borders: [5]     | borders: [6]      | “later” went on from it
                    borders: [[4]]   | borders: [[5]]   | borders: [{a: 5}] | “later” went on from it
                    seam: 1          | seam: 2          | rows: 2           | “later” went on from it
                    cloths: []       | cloths: [{key: a, name: oat}] | cloths: [{key: a, name: oat}], border: a | \
                    a later step uses oat
                    blocks: []       | blocks: [{key: s, name: star}] | blocks: [{key: s, name: star}, {key: t, in: [s]}] | \
                    a later step uses star
                    """)
    void whatALaterStepNeedsIsRefused(String before, String after, String now, String why) {
        assertThatThrownBy(() -> StepTakenOut.from(steps(before, after, now)))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refusal -> assertThat(refusal.problems())
                                .containsExactly(new Problem(
                                        "Taking out “change”",
                                        why,
                                        "take that one out first, or go back to the step before it")));
    }

    private static List<StepTakenOut.Step> steps(String... documents) {
        List<String> names = List.of("start", "change", "later");
        List<StepTakenOut.Step> steps = new ArrayList<>();
        for (int i = 0; i < documents.length; i++) {
            steps.add(new StepTakenOut.Step(names.get(i), design(documents[i])));
        }
        return steps;
    }

    /** Names are quoted, and every design has cloths and blocks. */
    private static ObjectNode design(String written) {
        String json = "{" + written.replaceAll("([a-zA-Z]+)", "\"$1\"") + "}";
        ObjectNode design = (ObjectNode) JSON.readTree(json);
        for (String list : List.of("cloths", "blocks")) {
            if (!design.has(list)) {
                design.putArray(list);
            }
        }
        return design;
    }
}
