package org.goldentally.core.meaning;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.design.PlanDesign.CutSizeChoice;
import org.goldentally.core.design.PlanDesign.ExtraUnits;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.habits.OwnCut;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.method.MethodId;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;

/**
 * What is said of how the work is done; what cannot be read is as usual, and said.
 *
 * @param squaringUp cloth that squaring up the end of a length costs
 * @param extras units made for mishaps, by what they are typed for: a group's choice key, a kind of unit, all
 * @param cutSizes how large pieces are cut, where it is not by the school
 * @param rulers the square rulers at hand
 * @param methods what the quilter chose, by a group's choice key or a kind of unit; what is no method of ours is left out
 */
public record WorkChoices(
        Length squaringUp,
        Map<String, ExtraCount> extras,
        Map<String, MethodId> methods,
        Map<CutOf, OwnCut> cutSizes,
        SquareRulers rulers,
        List<Problem> problems) {

    /** Units, by a group's choice key or a kind of unit, made by a method. */
    public record CutOf(String units, MethodId method) {}

    private static final String SQUARING_UP = "Squaring up an end";

    static WorkChoices of(QuiltDesign typed) {
        List<Problem> problems = new ArrayList<>();
        Map<String, ExtraCount> extras = extras(typed, problems);
        Map<String, MethodId> methods = methods(typed, problems);
        Map<CutOf, OwnCut> cutSizes = new LinkedHashMap<>();
        for (CutSizeChoice choice : typed.plan().cutSizes()) {
            MethodId.read(choice.method())
                    .ifPresent(method -> CutSizeReader.read(choice.typed(), typed.system(), typed.grid())
                            .orTell(problems::add)
                            .ifPresent(cut -> cutSizes.putIfAbsent(new CutOf(choice.units(), method), cut)));
        }
        SquareRulers rulers = SquareRulers.read(typed.plan().rulers(), typed.system(), typed.grid())
                .orTell(problems::add)
                .orElse(SquareRulers.NOT_SAID);
        return new WorkChoices(squaringUp(typed, problems), extras, methods, cutSizes, rulers, List.copyOf(problems));
    }

    private static Map<String, ExtraCount> extras(QuiltDesign typed, List<Problem> problems) {
        Map<String, ExtraCount> extras = new LinkedHashMap<>();
        for (ExtraUnits extra : typed.plan().extras()) {
            Optional<ExtraCount> read = ExtraCount.read(extra.typed());
            read.ifPresent(count -> extras.putIfAbsent(extra.units(), count));
            if (read.isEmpty()) {
                extras.putIfAbsent(extra.units(), new ExtraCount(0, false));
                if (!extra.typed().isBlank()) {
                    problems.add(new Problem(
                            "Extra units",
                            "“" + extra.typed() + "” is neither a count nor a share",
                            "type how many more, such as 4, or a share, such as 5 %"));
                }
            }
        }
        return extras;
    }

    private static Map<String, MethodId> methods(QuiltDesign typed, List<Problem> problems) {
        Map<String, MethodId> methods = new LinkedHashMap<>();
        for (MethodChoice choice : typed.methods()) {
            Optional<MethodId> method = MethodId.read(choice.method());
            method.ifPresent(known -> methods.putIfAbsent(choice.units(), known));
            if (method.isEmpty()) {
                problems.add(new Problem(
                        "Methods",
                        "“" + choice.method() + "” is no method we know",
                        "choose one beside the units; until then they are made the usual way"));
            }
        }
        return methods;
    }

    /** What is said of the first of these, made by this method. */
    public Optional<OwnCut> cutOf(MethodId method, String... mostSpecialFirst) {
        return cutSizes.isEmpty()
                ? Optional.empty()
                : Arrays.stream(mostSpecialFirst)
                        .flatMap(units -> Stream.ofNullable(cutSizes.get(new CutOf(units, method))))
                        .findFirst();
    }

    private static Length squaringUp(QuiltDesign typed, List<Problem> problems) {
        Length usual = UsualSizes.of(typed.system()).squaringUp();
        String text = typed.plan().squaringUp();
        if (text.isBlank()) {
            return usual;
        }
        return switch (LengthReader.read(SQUARING_UP, text, typed.system())) {
            case Reading.Understood<Length> understood -> understood.value();
            case Reading.Refused<Length> refused -> {
                problems.add(refused.problem());
                yield usual;
            }
        };
    }

    /** What is typed for the first of these that anything is typed for. */
    public Optional<ExtraCount> extraOf(String... mostSpecialFirst) {
        for (String units : mostSpecialFirst) {
            if (extras.containsKey(units)) {
                return Optional.of(extras.get(units));
            }
        }
        return Optional.empty();
    }
}
