package org.goldentally.core.sew;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.block.Figure.InnerBlock;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.quilt.PartId;

/**
 * Equal work done in one go: the units of a kind in their cloths, blocks, rows, a border.
 *
 * @param key finds it again in the log
 * @param needed how many the top needs, those for mishaps not among them
 * @param perSet how many one set gives
 * @param setName {@code pair}, {@code block}, {@code row}
 * @param plan of units; empty for what is sewn of them
 * @param partIds the parts of the top that it goes into
 * @param inner the block that is sewn, where it is set into others
 */
public record Batch(
        BatchKey key,
        Kind kind,
        String title,
        String subtitle,
        long needed,
        int perSet,
        String setName,
        Optional<UnitPlan> plan,
        List<PartId> partIds,
        Optional<InnerBlock> inner) {

    public Batch(
            BatchKey key,
            Kind kind,
            String title,
            String subtitle,
            long needed,
            int perSet,
            String setName,
            Optional<UnitPlan> plan,
            List<PartId> partIds) {
        this(key, kind, title, subtitle, needed, perSet, setName, plan, partIds, Optional.empty());
    }

    /** What is sewn, in the order in which a quilter sews. */
    public enum Kind {
        UNITS,
        BONUS,
        BLOCKS,
        ROWS,
        BORDER,
        BINDING
    }

    /** How many sets are still to be sewn, given what is made; by hand, where hands differ. */
    public long setsLeft(BenchState.Counts counts) {
        if (plan.isPresent()
                && plan.get().recipe().hands().differ()
                && plan.get().left() + plan.get().right() > 0) {
            UnitPlan units = plan.get();
            int left = units.recipe().hands().left();
            int right = units.recipe().hands().right();
            long openLeft = units.left() + counts.spoiledLeft() - (long) counts.setsMade() * left;
            long openRight = units.right() + counts.spoiledRight() - (long) counts.setsMade() * right;
            return Math.max(0, Math.max(ceil(openLeft, left), ceil(openRight, right)));
        }
        return Math.max(0, Math.ceilDiv(needed - counts.good(), perSet));
    }

    private static long ceil(long open, int each) {
        return each == 0 ? 0 : Math.ceilDiv(open, each);
    }

    /** Sets that the plan has cloth cut for. */
    public long setsPlanned() {
        return plan.map(UnitPlan::sets).orElse(Math.ceilDiv(needed, (long) perSet));
    }

    /** Sets beyond those that cloth is cut for. */
    public long setsBeyondPlan(BenchState.Counts counts) {
        return Math.max(0, counts.setsMade() + counts.setsSpoiled() + setsLeft(counts) - setsPlanned());
    }
}
