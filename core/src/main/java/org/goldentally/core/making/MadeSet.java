package org.goldentally.core.making;

import java.util.List;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.unit.PatchworkUnit;

/** Equal work at the machine on what is cut or sewn already: 14 pairs of oat and teal, 6 crossings, one chain. */
public sealed interface MadeSet {

    /** How often it is done. */
    long runs();

    /** Units, or halves to be crossed, that one run gives. */
    int perRun();

    /** Of what these give, how many are used. */
    long used();

    /** Cloth that is cut for it alone; loose parts are cut for all that use them together. */
    List<ClothCut> cuts();

    /** What so many more runs take where they are made by themselves, whatever parts are left over. */
    List<ClothCut> cutsFor(long moreRuns);

    /** The groups of units that come of it. */
    List<UnitsKey> groups();

    /** Keys of the fabrics that are sewn, in the order of the patches or squares. */
    List<String> cloths();

    /** How its units are made. */
    PiecingMethod method();

    /** What one run takes and gives. */
    Recipe recipe();

    /** Units, or halves, that all runs give. */
    default long made() {
        return runs() * perRun();
    }

    /** Given beyond what is used. */
    default long spare() {
        return made() - used();
    }

    /** A set that follows from the plan of a group of units. */
    sealed interface Planned extends MadeSet {

        /** The plan that it follows from. */
        UnitPlan plan();

        @Override
        default List<UnitsKey> groups() {
            return List.of(plan().key());
        }

        @Override
        default List<String> cloths() {
            return plan().cloths();
        }

        @Override
        default PiecingMethod method() {
            return plan().method();
        }

        @Override
        default Recipe recipe() {
            return plan().recipe();
        }
    }

    /**
     * Sets that go from cut pieces to units: pairs two, four or eight at a time, strip sets, geese.
     *
     * @param used units of it that the top needs; those for mishaps are spare
     */
    record Whole(UnitPlan plan, long runs, long used, List<ClothCut> cuts) implements Planned {
        @Override
        public int perRun() {
            return plan.run().units();
        }

        @Override
        public List<ClothCut> cutsFor(long moreRuns) {
            return plan.cutsFor(moreRuns * plan.run().units());
        }
    }

    /**
     * Units sewn one by one of loose triangles.
     *
     * @param besidePairs whether they are the odd ones of a group whose others are sewn in pairs
     */
    record Single(UnitPlan plan, long runs, long used, boolean besidePairs) implements Planned {
        @Override
        public int perRun() {
            return 1;
        }

        @Override
        public List<ClothCut> cuts() {
            return List.of();
        }

        @Override
        public List<ClothCut> cutsFor(long moreRuns) {
            return plan.cutsFor(moreRuns);
        }
    }

    /**
     * Halves for crossings, not trimmed: in pairs, or one by one of loose triangles.
     *
     * @param plan the first group that they are for, for its recipe
     * @param groups all groups that they are for
     */
    record Halves(
            Half half, UnitPlan plan, List<UnitsKey> groups, boolean loose, long runs, long used, List<ClothCut> cuts)
            implements Planned {
        @Override
        public List<String> cloths() {
            return List.of(half.one(), half.other());
        }

        @Override
        public int perRun() {
            return loose ? 1 : 2;
        }

        @Override
        public List<ClothCut> cutsFor(long moreRuns) {
            Use use = new Use.ForUnits(groups.getFirst());
            return List.of(
                    new ClothCut(half.one(), half.size(), "square", moreRuns, use, plan.label()),
                    new ClothCut(half.other(), half.size(), "square", moreRuns, use, plan.label()));
        }
    }

    /** Two halves, or a half and a plain square, sewn on both sides of the other diagonal. */
    record Crossed(UnitPlan plan, long runs, long used, List<Half> halves, List<ClothCut> cuts) implements Planned {
        /** The cloths going round the unit, begun so that the first two are those of the first half. */
        public List<String> clothsFromFirstHalf() {
            List<String> round = plan.cloths();
            Half first = halves.getFirst();
            boolean fromFirst =
                    Half.of(round.get(0), round.get(1), first.size()).equals(first);
            return round.size() < 4 || fromFirst
                    ? round
                    : List.of(round.get(1), round.get(2), round.get(3), round.get(0));
        }

        @Override
        public int perRun() {
            return 2;
        }

        @Override
        public List<ClothCut> cutsFor(long moreRuns) {
            return plan.cutsFor(moreRuns * 2);
        }
    }

    /**
     * One chain or ring of squares of many cloths.
     *
     * @param number of the chain among those of its units, from 1 on
     * @param squares the cloth of each, in the order in which they are joined
     * @param groups the units it gives
     */
    record Joined(
            PatchworkUnit unit,
            PiecingMethod method,
            Recipe recipe,
            int number,
            List<String> squares,
            boolean closed,
            List<UnitsKey> groups,
            List<ClothCut> cuts)
            implements MadeSet {
        @Override
        public List<String> cloths() {
            return squares;
        }

        @Override
        public long runs() {
            return 1;
        }

        @Override
        public int perRun() {
            return closed ? squares.size() : squares.size() - 1;
        }

        @Override
        public long used() {
            return perRun();
        }

        @Override
        public List<ClothCut> cutsFor(long moreRuns) {
            return cuts.stream().map(cut -> cut.of(cut.count() * moreRuns)).toList();
        }
    }
}
