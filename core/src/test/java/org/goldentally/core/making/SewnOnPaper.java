package org.goldentally.core.making;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.SplitQuarterUnit;

/**
 * Sews a making plan with labelled scraps of paper: every piece that is cut lies in a heap, every set takes from the heaps
 * what its steps need and puts down what comes of it. Shares no count with the plan: it only follows the sets.
 */
final class SewnOnPaper {

    /** Heaps of triangles and plain squares: cloth, cut size, how many a square gives. */
    private final Map<String, Long> parts = new HashMap<>();

    /** Halves to be crossed, by their cloths and the size of their squares. */
    private final Map<String, Long> halves = new HashMap<>();

    /** Units by the cloths that are read going round, smallest reading first; a mirror image reads otherwise. */
    final Map<String, Long> units = new TreeMap<>();

    /** Squares and strips taken from the cloth. */
    final Map<String, Long> cut = new TreeMap<>();

    SewnOnPaper(MakingPlan plan) {
        for (LooseParts loose : plan.parts()) {
            long pieces = loose.pieces().count();
            cut.merge(name(loose.pieces()), pieces, Long::sum);
            parts.merge(
                    part(loose.pieces().cloth(), loose.pieces().size().width().toString(), loose.perPiece()),
                    pieces * loose.perPiece(),
                    Long::sum);
        }
        plan.sets().forEach(this::sew);
    }

    private static String name(ClothCut piece) {
        return piece.cloth() + " " + piece.size().width();
    }

    private static String part(String cloth, String size, int perPiece) {
        return cloth + " " + size + " /" + perPiece;
    }

    private void sew(MadeSet set) {
        Map<String, Long> own = new HashMap<>();
        for (ClothCut piece : set.cuts()) {
            cut.merge(name(piece), piece.count(), Long::sum);
            own.merge(piece.cloth() + " " + piece.size().width(), piece.count(), Long::sum);
        }
        switch (set) {
            case MadeSet.Whole whole -> whole(whole, own);
            case MadeSet.Single single -> single(single);
            case MadeSet.Halves half -> halves(half, own);
            case MadeSet.Crossed crossed -> crossed(crossed, own);
            case MadeSet.Joined joined -> joined(joined, own);
        }
        assertThat(own.values()).as(() -> "pieces that nobody sewed of " + set).allMatch(left -> left == 0);
    }

    private static void take(Map<String, Long> heap, String what, long count) {
        long left = heap.getOrDefault(what, 0L) - count;
        assertThat(left).as(() -> count + " of " + what + " from " + heap).isNotNegative();
        heap.put(what, left);
    }

    private void whole(MadeSet.Whole set, Map<String, Long> own) {
        List<String> cloths = set.plan().cloths();
        if (set.plan().unit() instanceof HalfSquareTriangleUnit) {
            int perPair = set.perRun();
            String size = set.recipe().cuts().getFirst().size().width().toString();
            take(own, cloths.get(0) + " " + size, set.runs());
            take(own, cloths.get(1) + " " + size, set.runs());
            give(cloths, set.runs() * perPair);
        } else {
            own.replaceAll((piece, count) -> 0L);
            giveByHand(set.plan(), set.made());
        }
    }

    private void single(MadeSet.Single set) {
        List<String> cloths = set.plan().cloths();
        List<String> sizes = set.recipe().cuts().stream()
                .map(piece -> piece.size().width().toString())
                .toList();
        for (int i = 0; i < cloths.size(); i++) {
            switch (set.plan().unit()) {
                case HalfSquareTriangleUnit any -> take(parts, part(cloths.get(i), sizes.getFirst(), 2), set.runs());
                case QuarterSquareTriangleUnit any -> take(parts, part(cloths.get(i), sizes.getFirst(), 4), set.runs());
                case FlyingGeeseUnit any ->
                    take(
                            parts,
                            i == 0 ? part(cloths.get(i), sizes.getFirst(), 4) : part(cloths.get(i), sizes.getLast(), 2),
                            set.runs());
                default ->
                    throw new AssertionError(
                            "of loose triangles nobody sews " + set.plan().unit());
            }
        }
        giveByHand(set.plan(), set.runs());
    }

    private void halves(MadeSet.Halves set, Map<String, Long> own) {
        String size = set.half().size().width().toString();
        for (String cloth : List.of(set.half().one(), set.half().other())) {
            if (set.loose()) {
                take(parts, part(cloth, size, 2), set.runs());
            } else {
                take(own, cloth + " " + size, set.runs());
            }
        }
        halves.merge(half(set.half()), set.runs() * (set.loose() ? 1 : 2), Long::sum);
    }

    private static String half(Half half) {
        return half.one() + " " + half.other() + " " + half.size().width();
    }

    /** Two halves crossed: going round, one unit reads the cloths of the first and then of the second, the other mirrors it. */
    private void crossed(MadeSet.Crossed set, Map<String, Long> own) {
        set.halves().forEach(half -> take(halves, half(half), set.runs()));
        List<String> first =
                List.of(set.halves().getFirst().one(), set.halves().getFirst().other());
        List<String> second;
        if (set.plan().unit() instanceof SplitQuarterUnit) {
            ClothCut plain = set.cuts().getFirst();
            take(own, name(plain), set.runs());
            second = List.of(plain.cloth());
        } else {
            second =
                    List.of(set.halves().getLast().one(), set.halves().getLast().other());
        }
        // The second half may lie either way round; whichever way she lays it, both units come of it.
        List<String> wanted = set.plan().cloths();
        List<String> laid = joined(first, second);
        List<String> turned = joined(first, second.reversed());
        List<String> taken = sameRound(laid, wanted) || sameRound(mirror(laid), wanted) ? laid : turned;
        assertThat(sameRound(taken, wanted) || sameRound(mirror(taken), wanted))
                .as(() -> first + " and " + second + " crossed give " + wanted)
                .isTrue();
        give(taken, set.runs());
        give(mirror(taken), set.runs());
    }

    private void joined(MadeSet.Joined set, Map<String, Long> own) {
        String size = set.recipe().cuts().getFirst().size().width().toString();
        List<String> squares = set.squares();
        squares.forEach(cloth -> take(own, cloth + " " + size, 1));
        for (int i = 1; i < squares.size(); i++) {
            give(List.of(squares.get(i - 1), squares.get(i)), 1);
        }
        if (set.closed()) {
            give(List.of(squares.getLast(), squares.getFirst()), 1);
        }
    }

    private static List<String> joined(List<String> first, List<String> second) {
        List<String> all = new ArrayList<>(first);
        all.addAll(second);
        return all;
    }

    private static List<String> mirror(List<String> round) {
        return round.reversed();
    }

    private static boolean sameRound(List<String> one, List<String> other) {
        return read(one).equals(read(other));
    }

    /** The cloths going round from wherever that reads smallest: units alike but for a turn read alike. */
    static String read(List<String> round) {
        String smallest = String.join(" ", round);
        for (int start = 1; start < round.size(); start++) {
            List<String> turned = new ArrayList<>(round.subList(start, round.size()));
            turned.addAll(round.subList(0, start));
            String read = String.join(" ", turned);
            smallest = read.compareTo(smallest) < 0 ? read : smallest;
        }
        return smallest;
    }

    /** Of what has no hand until it is sewn she makes as many of either as she wants. */
    private void giveByHand(UnitPlan plan, long count) {
        long right = Math.min(count, plan.right());
        give(plan.cloths(), count - right);
        give(mirror(plan.cloths()), right);
    }

    private void give(List<String> cloths, long count) {
        units.merge(read(cloths), count, Long::sum);
    }

    long of(PatchworkUnit unit, List<String> cloths) {
        return units.getOrDefault(read(cloths), 0L);
    }

    /** Triangles and halves that nothing was sewn of. */
    long leftOver() {
        return parts.values().stream().mapToLong(Long::longValue).sum()
                + halves.values().stream().mapToLong(Long::longValue).sum();
    }
}
