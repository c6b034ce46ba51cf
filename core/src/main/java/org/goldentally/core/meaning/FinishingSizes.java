package org.goldentally.core.meaning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.design.FinishingDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;

/**
 * Sizes of what goes round and behind the top; what cannot be read is left out, and said.
 *
 * @param bindingStrip width of the strips as cut
 * @param backingWidth usable width of the backing's cloth
 * @param overhang how much larger backing and batting are on every side
 */
public record FinishingSizes(
        Optional<Length> bindingStrip, Optional<Length> backingWidth, Length overhang, List<Problem> problems) {

    static FinishingSizes of(FinishingDesign typed, MeasureSystem system) {
        List<Problem> problems = new ArrayList<>();
        Optional<Length> strip =
                read(LengthReader.readPositive("Binding, cut strip", typed.bindingStrip(), system), problems);
        Optional<Length> width = read(
                LengthReader.readPositive("Backing, usable width of its fabric", typed.backingWidth(), system),
                problems);
        Optional<Length> overhang =
                read(LengthReader.read("Backing, larger on every side by", typed.overhang(), system), problems);
        return new FinishingSizes(strip, width, overhang.orElse(Length.ZERO), List.copyOf(problems));
    }

    private static Optional<Length> read(Reading<Length> reading, List<Problem> problems) {
        return switch (reading) {
            case Reading.Understood<Length> understood -> Optional.of(understood.value());
            case Reading.Refused<Length> refused -> {
                problems.add(refused.problem());
                yield Optional.empty();
            }
        };
    }
}
