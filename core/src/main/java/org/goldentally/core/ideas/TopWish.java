package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.meaning.TopSizes;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;
import org.goldentally.core.problem.RefusedException;

/**
 * What the quilter already knows of the top she wants; what she does not know is left open.
 *
 * @param width finished width of the top, about
 * @param block finished side of a block
 * @param border finished width of a plain border; nothing is none
 * @param words what a line about it asks for
 */
public record TopWish(
        MeasureSystem system,
        Optional<Length> width,
        Optional<Length> height,
        Optional<Length> block,
        Optional<Length> border,
        WishedWords words) {

    /** How large the top is to be, finished. */
    record Size(Length width, Length height) {
        /** What a border of this width leaves inside it. */
        Size within(Length border) {
            return new Size(width.minus(border.times(2)), height.minus(border.times(2)));
        }
    }

    /** The wished size; empty where none is. */
    Optional<Size> size() {
        return width.flatMap(wide -> height.map(high -> new Size(wide, high)));
    }

    /** A wish as typed; an empty field leaves it open, a border of 0 is none. */
    public record Typed(MeasureSystem system, String width, String height, String block, String border, String words) {}

    /** No wish: any size, any number of cloths. */
    public static TopWish anything(MeasureSystem system) {
        return new TopWish(
                system, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), WishedWords.NONE);
    }

    TopWish asking(WishedWords other) {
        return new TopWish(system, width, height, block, border, other);
    }

    /**
     * Reads what was typed.
     *
     * @throws RefusedException with every problem
     */
    public static TopWish read(Typed typed) {
        List<Problem> problems = new ArrayList<>();
        MeasureSystem system = typed.system();
        TopWish wish = new TopWish(
                system,
                side("Width, finished", typed.width(), system, problems),
                side("Height, finished", typed.height(), system, problems),
                side("Block, finished", typed.block(), system, problems),
                border(typed.border(), system, problems),
                WishedWords.of(typed.words()));
        if (wish.width.isPresent() != wish.height.isPresent() && problems.isEmpty()) {
            problems.add(new Problem(
                    wish.width.isPresent() ? "Height, finished" : "Width, finished",
                    "a size has two sides",
                    "type the other side too, or leave both empty"));
        }
        if (!problems.isEmpty()) {
            throw new RefusedException(problems);
        }
        return wish;
    }

    private static Optional<Length> side(String where, String typed, MeasureSystem system, List<Problem> problems) {
        if (typed.isBlank()) {
            return Optional.empty();
        }
        return read(
                LengthReader.readPositive(where, typed, system)
                        .then(length -> length.isLongerThan(TopSizes.LONGEST_SIDE)
                                ? Reading.refused(
                                        where,
                                        system.writer().writeWithUnit(length) + " is longer than any bed",
                                        "type a size up to " + system.writer().writeWithUnit(TopSizes.LONGEST_SIDE))
                                : Reading.of(length)),
                problems);
    }

    private static Optional<Length> border(String typed, MeasureSystem system, List<Problem> problems) {
        if (typed.isBlank()) {
            return Optional.empty();
        }
        return typed.strip().equals("0") ? Optional.of(Length.ZERO) : side("Border, finished", typed, system, problems);
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
