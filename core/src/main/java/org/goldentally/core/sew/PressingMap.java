package org.goldentally.core.sew;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.function.ToDoubleFunction;
import org.goldentally.core.habits.Habits.Pressing;
import org.goldentally.core.sew.Assembly.Seam;

/**
 * Which way each seam is pressed, so that seams nest where they meet: two seams in one line, on either side of a seam
 * across, lie flat against each other if they are pressed opposite ways.
 *
 * <ol>
 *   <li>Seams that meet are held together in groups; within a group each is pressed against its neighbour.
 *   <li>A whole group can be turned over: it goes the way in which more of its length is pressed as the school says, to
 *       the darker side.
 *   <li>By the school that presses open, all are pressed open.
 * </ol>
 *
 * <p>Seams in one line only ever meet end to end, so a group is a chain and always nests by itself; where blocks meet on
 * the top, {@link TopPressing} decides. Seams inside units are pressed as their own cards say.
 */
public record PressingMap(List<Pressed> seams) {

    /** Which way the allowances of a seam lie, seen from the right side. */
    public enum Direction {
        LEFT,
        RIGHT,
        UP,
        DOWN,
        OPEN;

        Direction opposite() {
            return switch (this) {
                case LEFT -> RIGHT;
                case RIGHT -> LEFT;
                case UP -> DOWN;
                case DOWN -> UP;
                case OPEN -> OPEN;
            };
        }
    }

    /**
     * A seam with the way it is pressed.
     *
     * @param toDarker 1 where it goes to the darker side, -1 where to the lighter one, 0 where both are alike or it is open
     */
    public record Pressed(Seam seam, Direction direction, int toDarker) {

        /** Whether it goes to the lighter side, only so that it nests. */
        public boolean againstSchool() {
            return toDarker < 0;
        }

        Pressed turned() {
            return new Pressed(seam, direction.opposite(), -toDarker);
        }

        Pressed opened() {
            return new Pressed(seam, Direction.OPEN, 0);
        }
    }

    /**
     * Presses the seams of what is put together.
     *
     * @param lightness of a part, all its patches together
     */
    public static PressingMap of(Assembly assembly, Pressing school, ToDoubleFunction<Assembly.Part> lightness) {
        List<Seam> seams = assembly.seams();
        if (school == Pressing.OPEN) {
            return new PressingMap(seams.stream()
                    .map(seam -> new Pressed(seam, Direction.OPEN, 0))
                    .toList());
        }
        List<List<Integer>> meetings = meetings(seams);
        int[] toFirst = new int[seams.size()];
        List<Pressed> pressed = new ArrayList<>();
        boolean[] seen = new boolean[seams.size()];
        for (int i = 0; i < seams.size(); i++) {
            if (!seen[i]) {
                press(i, seams, meetings, seen, toFirst, lightness);
            }
        }
        for (int i = 0; i < seams.size(); i++) {
            Seam seam = seams.get(i);
            pressed.add(new Pressed(seam, direction(seam, toFirst[i]), toFirst[i] * darkerFirst(seam, lightness)));
        }
        return new PressingMap(List.copyOf(pressed));
    }

    /** One group of seams that meet, from one of them on. */
    private static void press(
            int from,
            List<Seam> seams,
            List<List<Integer>> meetings,
            boolean[] seen,
            int[] toFirst,
            ToDoubleFunction<Assembly.Part> lightness) {
        List<Integer> group = group(from, meetings, seen);
        toFirst[from] = 1;
        for (int at : group) {
            meetings.get(at).forEach(other -> toFirst[other] = -toFirst[at]);
        }
        double agree = 0;
        for (int each : group) {
            Seam seam = seams.get(each);
            agree +=
                    toFirst[each] * darkerFirst(seam, lightness) * seam.length().toDoubleInches();
        }
        if (agree < 0) {
            group.forEach(each -> toFirst[each] = -toFirst[each]);
        }
    }

    /** What meets a seam, and what meets that, nearest first. */
    private static List<Integer> group(int from, List<List<Integer>> meetings, boolean[] seen) {
        List<Integer> group = new ArrayList<>();
        Deque<Integer> next = new ArrayDeque<>(List.of(from));
        seen[from] = true;
        while (!next.isEmpty()) {
            int at = next.poll();
            group.add(at);
            for (int other : meetings.get(at)) {
                if (!seen[other]) {
                    seen[other] = true;
                    next.add(other);
                }
            }
        }
        return group;
    }

    /** 1 where the first side is the darker one, -1 where the second is, 0 where both are alike. */
    private static int darkerFirst(Seam seam, ToDoubleFunction<Assembly.Part> lightness) {
        double apart = lightness.applyAsDouble(seam.second()) - lightness.applyAsDouble(seam.first());
        return Math.abs(apart) < 1e-6 ? 0 : apart > 0 ? 1 : -1;
    }

    private static Direction direction(Seam seam, int toFirst) {
        if (seam.lying()) {
            return toFirst > 0 ? Direction.UP : Direction.DOWN;
        }
        return toFirst > 0 ? Direction.LEFT : Direction.RIGHT;
    }

    /** For each seam those in line with it that end where it ends. */
    private static List<List<Integer>> meetings(List<Seam> seams) {
        List<List<Integer>> meetings = new ArrayList<>();
        seams.forEach(any -> meetings.add(new ArrayList<>()));
        for (int i = 0; i < seams.size(); i++) {
            for (int j = i + 1; j < seams.size(); j++) {
                if (seams.get(i).lying() == seams.get(j).lying() && meet(seams.get(i), seams.get(j))) {
                    meetings.get(i).add(j);
                    meetings.get(j).add(i);
                }
            }
        }
        return meetings;
    }

    private static boolean meet(Seam one, Seam other) {
        return one.to().equals(other.from()) || one.from().equals(other.to());
    }

    /** Where every seam is pressed, in their order. */
    public List<Direction> directions() {
        return seams.stream().map(Pressed::direction).toList();
    }

    /** What stands out, in words. */
    public List<String> notes() {
        List<String> notes = new ArrayList<>();
        long open = seams.stream()
                .filter(seam -> seam.direction() == Direction.OPEN)
                .count();
        long against = seams.stream().filter(Pressed::againstSchool).count();
        if (open == seams.size() && open > 0) {
            notes.add("Press every seam open.");
        }
        if (against > 0) {
            notes.add((against == 1 ? "One seam goes" : against + " seams go")
                    + " to the lighter side, so that all of them nest.");
        }
        return notes;
    }

    /** The same with some of its seams the other way. */
    PressingMap turned(IntPredicate which) {
        List<Pressed> turned = new ArrayList<>();
        for (int i = 0; i < seams.size(); i++) {
            turned.add(which.test(i) ? seams.get(i).turned() : seams.get(i));
        }
        return new PressingMap(List.copyOf(turned));
    }

    /** The same with some of its seams pressed open. */
    PressingMap opened(IntPredicate which) {
        List<Pressed> opened = new ArrayList<>();
        for (int i = 0; i < seams.size(); i++) {
            opened.add(which.test(i) ? seams.get(i).opened() : seams.get(i));
        }
        return new PressingMap(List.copyOf(opened));
    }

    /** Its seams in groups that meet, by their places in the list: each group can only be turned as a whole. */
    List<List<Integer>> groups() {
        List<List<Integer>> meetings =
                meetings(seams.stream().map(Pressed::seam).toList());
        List<List<Integer>> groups = new ArrayList<>();
        boolean[] seen = new boolean[seams.size()];
        for (int i = 0; i < seams.size(); i++) {
            if (!seen[i]) {
                groups.add(group(i, meetings, seen));
            }
        }
        return groups;
    }
}
