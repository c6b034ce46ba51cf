package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.sew.PressingMap.Pressed;
import org.goldentally.core.sew.SeamMeetings.Meeting;
import org.goldentally.core.sew.SeamMeetings.SeamAt;
import org.goldentally.core.sew.SeamMeetings.Spot;

/**
 * Looks for the way in which each block of a top is pressed, so that as many seams as can be nest with those of
 * neighbours.
 *
 * <p>Blocks that are sewn alike are pressed in at most two ways. Once it is said which block is pressed in which, each
 * group of seams in each way is an unknown of two values, each meeting joins two of them, and {@link TwoValued} finds out.
 * Which block is which is first tried as a chessboard, by rows and by columns; then single blocks change over as long as
 * that helps. This is a search without proof: a test compares it with a general solver.
 */
final class Nesting {

    /** How much work the search may do, in meetings and unknowns looked at: two seconds or so on a very large top (our own limit). */
    private static final long MOST_WORK = 3_000_000;

    private static final int SHAKES = 60;

    /** The groups of seams of one kind, each an unknown for the first way and one for the second. */
    private static final class Kind {
        private final List<Pressed> seams;
        private final List<List<Integer>> groups;
        private final int[] groupOf;
        private final int firstUnknown;

        Kind(Layout layout, int firstUnknown) {
            this.seams = layout.pressing().seams();
            this.groups = layout.pressing().groups();
            this.groupOf = new int[seams.size()];
            this.firstUnknown = firstUnknown;
            for (int i = 0; i < groups.size(); i++) {
                for (int seam : groups.get(i)) {
                    groupOf[seam] = i;
                }
            }
        }

        int unknown(int seam, boolean second) {
            return firstUnknown + groupOf[seam] + (second ? groups.size() : 0);
        }

        /** How much longer than to the lighter side a group is pressed to the darker side, as the layout has it. */
        double toDarker(List<Integer> group) {
            return group.stream()
                    .mapToDouble(seam -> seams.get(seam).toDarker()
                            * seams.get(seam).seam().length().toDoubleInches())
                    .sum();
        }
    }

    /** How good a choice is: fewer seams that cannot nest, then fewer ways, then more pressed to the darker side. */
    private record Cost(int clashes, int ways, double toDarker) {

        boolean isBetterThan(Cost other) {
            if (clashes != other.clashes) {
                return clashes < other.clashes;
            }
            return ways != other.ways ? ways < other.ways : toDarker > other.toDarker + 1e-9;
        }
    }

    /** Which blocks are pressed in the second way, and what is turned over against the layouts. */
    private record Choice(boolean[] second, boolean[] turned, Cost cost) {}

    private final SeamMeetings found;
    private final List<Meeting> meetings;
    private final List<Spot> spots;
    private final List<Kind> kinds = new ArrayList<>();
    private final int unknowns;
    private final Choice best;
    private final Map<SeamAt, Meeting> opened;
    private long work;

    Nesting(SeamMeetings found, boolean onPoint) {
        this.found = found;
        this.meetings = found.meetings();
        this.spots = found.spots();
        int count = 0;
        for (Layout layout : found.kinds()) {
            Kind kind = new Kind(layout, count);
            kinds.add(kind);
            count += 2 * kind.groups.size();
        }
        this.unknowns = count;
        this.best = search(onPoint);
        this.opened = open();
    }

    private Kind kind(int spot) {
        return kinds.get(spots.get(spot).kind());
    }

    private boolean isRows(int spot) {
        return spots.get(spot).part().isEmpty();
    }

    private Choice search(boolean onPoint) {
        Choice found = tryOut(new boolean[spots.size()]);
        for (ToIntFunction<TopPart> parity : parities(onPoint)) {
            boolean[] second = new boolean[spots.size()];
            for (int i = 0; i < second.length; i++) {
                second[i] = spots.get(i)
                        .part()
                        .map(part -> parity.applyAsInt(part) % 2 != 0)
                        .orElse(false);
            }
            found = better(found, tryOut(second));
        }
        Random random = new Random(1);
        found = inOneWayWhereThatDoes(changeOver(found));
        for (int i = 0; i < SHAKES && found.cost.clashes > 0 && work < MOST_WORK; i++) {
            found = better(found, inOneWayWhereThatDoes(changeOver(shaken(found, random))));
        }
        return found;
    }

    /** A chessboard, rows and columns; on point both run on the diagonal. */
    private static List<ToIntFunction<TopPart>> parities(boolean onPoint) {
        return onPoint
                ? List.of(
                        TopPart::row,
                        part -> part.column() + (part.row() + 1) / 2,
                        part -> part.column() - part.row() / 2)
                : List.of(part -> part.row() + part.column(), TopPart::column, TopPart::row);
    }

    private static Choice better(Choice one, Choice other) {
        return other.cost.isBetterThan(one.cost) ? other : one;
    }

    private Choice changeOver(Choice from) {
        Choice found = from;
        Cost before;
        do {
            before = found.cost;
            for (int i = 0; i < spots.size() && found.cost.clashes > 0 && work < MOST_WORK; i++) {
                if (!isRows(i)) {
                    boolean[] second = found.second.clone();
                    second[i] = !second[i];
                    found = better(found, tryOut(second));
                }
            }
        } while (found.cost.isBetterThan(before));
        return found;
    }

    private Choice inOneWayWhereThatDoes(Choice from) {
        Choice found = from;
        for (int kind = 0; kind < kinds.size(); kind++) {
            boolean[] second = found.second.clone();
            for (int i = 0; i < second.length; i++) {
                second[i] &= spots.get(i).kind() != kind;
            }
            found = better(found, tryOut(second));
        }
        return found;
    }

    private Choice shaken(Choice from, Random random) {
        boolean[] second = from.second.clone();
        for (int i = 0; i < second.length; i++) {
            second[i] ^= !isRows(i) && random.nextInt(4) == 0;
        }
        return tryOut(second);
    }

    private Choice tryOut(boolean[] second) {
        work += meetings.size() + unknowns;
        TwoValued values = new TwoValued(unknowns);
        for (int spot = 0; spot < spots.size(); spot++) {
            Kind kind = kind(spot);
            for (List<Integer> group : kind.groups) {
                values.like(kind.unknown(group.getFirst(), second[spot]), kind.toDarker(group));
            }
        }
        for (Meeting meeting : meetings) {
            values.join(unknown(meeting.one(), second), unknown(meeting.other(), second), meeting.alike());
        }
        boolean[] turned = values.solve();
        int clashes = (int) meetings.stream()
                .filter(meeting -> isAlike(meeting, second, turned))
                .count();
        return new Choice(second, turned, new Cost(clashes, kindsOfTwoWays(second, turned), values.liked(turned)));
    }

    private int unknown(SeamAt at, boolean[] second) {
        return kind(at.spot()).unknown(at.seam(), second[at.spot()]);
    }

    private boolean isAlike(Meeting meeting, boolean[] second, boolean[] turned) {
        return meeting.alike() ^ turned[unknown(meeting.one(), second)] ^ turned[unknown(meeting.other(), second)];
    }

    private int kindsOfTwoWays(boolean[] second, boolean[] turned) {
        boolean[] two = new boolean[kinds.size()];
        for (int spot = 0; spot < second.length; spot++) {
            Kind kind = kind(spot);
            two[spots.get(spot).kind()] |= second[spot]
                    && kind.groups.stream()
                            .map(List::getFirst)
                            .anyMatch(seam -> turned[kind.unknown(seam, true)] != turned[kind.unknown(seam, false)]);
        }
        int count = 0;
        for (boolean each : two) {
            count += each ? 1 : 0;
        }
        return count;
    }

    /** What cannot nest, with what it meets; the seam in most clashes first, and one of the rows, which is long, last. */
    private Map<SeamAt, Meeting> open() {
        Map<SeamAt, Meeting> open = new LinkedHashMap<>();
        List<Meeting> left = new ArrayList<>(meetings);
        left.removeIf(meeting -> !isAlike(meeting, best.second, best.turned));
        while (!left.isEmpty()) {
            Map<SeamAt, Integer> weights = new LinkedHashMap<>();
            left.stream()
                    .flatMap(meeting -> Stream.of(meeting.one(), meeting.other()))
                    .forEach(seam -> weights.merge(seam, isRows(seam.spot()) ? 1 : 2, Integer::sum));
            SeamAt worst = Collections.max(weights.entrySet(), Map.Entry.comparingByValue())
                    .getKey();
            left.stream()
                    .filter(meeting -> touches(meeting, worst))
                    .findFirst()
                    .ifPresent(meeting -> open.put(worst, meeting));
            left.removeIf(meeting -> touches(meeting, worst));
        }
        return open;
    }

    private static boolean touches(Meeting meeting, SeamAt seam) {
        return meeting.one().equals(seam) || meeting.other().equals(seam);
    }

    /** How a block, or the rows, are pressed, before single seams are opened. */
    PressingMap map(int spot) {
        Kind kind = kind(spot);
        return found.kinds()
                .get(spots.get(spot).kind())
                .pressing()
                .turned(seam -> best.turned[kind.unknown(seam, best.second[spot])]);
    }

    /** Every seam that is to be opened, with the spot that it meets. */
    Map<SeamAt, Optional<TopPart>> opened() {
        Map<SeamAt, Optional<TopPart>> beside = new LinkedHashMap<>();
        opened.forEach((seam, meeting) -> {
            SeamAt other = meeting.one().equals(seam) ? meeting.other() : meeting.one();
            beside.put(seam, spots.get(other.spot()).part());
        });
        return beside;
    }
}
