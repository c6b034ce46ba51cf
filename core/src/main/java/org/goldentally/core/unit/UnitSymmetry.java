package org.goldentally.core.unit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Length;

/**
 * When two dressed units are the same at the machine: turned on the table they look alike. A half-square triangle of oat
 * on ink is one of ink on oat turned round; a split quarter and its mirror image are not the same.
 *
 * <p>Found from the unit's own drawing: a turn or a mirroring that brings its patches onto each other tells which patch
 * changes places with which. Of all the ways to name the cloths that come to the same unit, the first in the alphabet
 * stands for it.
 */
public final class UnitSymmetry {

    /** Patch {@code i} comes to lie where patch {@code turns.get(k)[i]} was. */
    private record Moves(List<int[]> turns, List<int[]> mirrorings) {}

    private static final Map<PatchworkUnit, Moves> KNOWN = new ConcurrentHashMap<>();

    /** Moves are kept for so many shapes; quilts have a few dozen. */
    private static final int MOST_KNOWN = 5_000;

    private UnitSymmetry() {}

    /** Which hand a unit is. */
    public enum Hand {
        /** It is its own mirror image. */
        NONE,
        LEFT,
        RIGHT
    }

    /** A dressed unit as it is counted: its cloths in the order that stands for it, and its hand. */
    public record Counted(PatchworkUnit unit, List<String> cloths, Hand hand) {}

    /**
     * How a unit is counted.
     *
     * @param mirrored whether it is sewn as the mirror image of its drawing
     */
    public static Counted counted(PatchworkUnit unit, List<String> cloths, boolean mirrored) {
        Moves moves = moves(unit);
        List<ClothRole> roles =
                UnitDrawing.of(unit).stream().map(UnitDrawing.UnitPatch::cloth).toList();
        Optional<List<String>> sameHand = first(cloths, moves.turns, roles);
        List<String> turned = sameHand.orElse(cloths);
        if (moves.mirrorings.isEmpty()) {
            return new Counted(unit, turned, mirrored ? Hand.RIGHT : Hand.LEFT);
        }
        List<String> otherHand = first(cloths, moves.mirrorings, roles).orElse(cloths);
        if (turned.equals(otherHand)) {
            return new Counted(unit, turned, Hand.NONE);
        }
        boolean turnedIsFirst = mixes(turned, roles) == mixes(otherHand, roles)
                ? compare(turned, otherHand) < 0
                : !mixes(turned, roles);
        Hand hand = turnedIsFirst != mirrored ? Hand.LEFT : Hand.RIGHT;
        return new Counted(unit, turnedIsFirst ? turned : otherHand, hand);
    }

    /**
     * The first in order of all ways round; those come before that dress patches of one part in one cloth, since so the unit
     * is cut and sewn: an hourglass of three cloths has its twins where the method puts them.
     */
    private static Optional<List<String>> first(List<String> cloths, List<int[]> moves, List<ClothRole> roles) {
        return moves.stream()
                .map(move -> moved(cloths, move))
                .min(Comparator.comparing((List<String> moved) -> mixes(moved, roles))
                        .thenComparing(UnitSymmetry::compare));
    }

    private static boolean mixes(List<String> cloths, List<ClothRole> roles) {
        for (int i = 0; i < roles.size(); i++) {
            int firstOfRole = roles.indexOf(roles.get(i));
            if (!cloths.get(i).equals(cloths.get(firstOfRole))) {
                return true;
            }
        }
        return false;
    }

    private static List<String> moved(List<String> cloths, int[] move) {
        List<String> moved = new ArrayList<>(cloths);
        for (int i = 0; i < move.length; i++) {
            moved.set(move[i], cloths.get(i));
        }
        return moved;
    }

    private static int compare(List<String> a, List<String> b) {
        for (int i = 0; i < a.size(); i++) {
            int compared = a.get(i).compareTo(b.get(i));
            if (compared != 0) {
                return compared;
            }
        }
        return 0;
    }

    private static Moves moves(PatchworkUnit unit) {
        Moves known = KNOWN.get(unit);
        if (known == null) {
            known = findMoves(unit);
            if (KNOWN.size() < MOST_KNOWN) {
                KNOWN.put(unit, known);
            }
        }
        return known;
    }

    private static Moves findMoves(PatchworkUnit unit) {
        List<Polygon> patches = UnitDrawing.of(unit).stream()
                .map(UnitDrawing.UnitPatch::outline)
                .toList();
        List<Set<Point>> places =
                patches.stream().map(patch -> Set.copyOf(patch.corners())).collect(Collectors.toList());
        List<int[]> turns = new ArrayList<>();
        List<int[]> mirrorings = new ArrayList<>();
        for (int turn = 0; turn < 4; turn++) {
            for (boolean mirrored : new boolean[] {false, true}) {
                Placing placing = Placing.turned(
                        unit.finishedWidth(), unit.finishedHeight(), mirrored, turn, Length.ZERO, Length.ZERO);
                int[] move = new int[patches.size()];
                boolean ontoItself = true;
                for (int i = 0; i < move.length && ontoItself; i++) {
                    move[i] = places.indexOf(
                            Set.copyOf(placing.apply(patches.get(i)).corners()));
                    ontoItself = move[i] >= 0;
                }
                if (ontoItself) {
                    (mirrored ? mirrorings : turns).add(move);
                }
            }
        }
        return new Moves(turns, mirrorings);
    }
}
