package org.goldentally.core.sew;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.block.Figure.InnerBlock;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitsKey;
import org.goldentally.core.quilt.PartId;
import org.goldentally.core.unit.Hands;
import org.goldentally.core.unit.PatchworkUnit;

/**
 * Equal work done in one go: the units of a kind in their cloths, blocks, rows, a border.
 *
 * @param key finds it again in the log
 * @param needed how many the top needs, those for mishaps not among them
 * @param perSet how many one set gives
 * @param setName {@code pair}, {@code block}, {@code row}
 * @param set of units or halves; empty for what is sewn of them
 * @param partIds the parts of the top that it goes into
 * @param inner the block that is sewn, where it is set into others
 * @param line how it stands in the list of batches
 */
public record Batch(
        BatchKey key,
        Kind kind,
        String title,
        String subtitle,
        long needed,
        int perSet,
        String setName,
        Optional<MadeSet> set,
        List<PartId> partIds,
        Optional<InnerBlock> inner,
        Line line) {

    /**
     * How a batch stands in the list of all of them: under what it makes, by what is done, and of which fabrics.
     *
     * @param makes batches of the same thing stand together
     */
    public record Line(String makes, String act, String of) {}

    /** Work that is not the sewing of a block that is set into others. */
    public Batch(
            BatchKey key,
            Kind kind,
            String title,
            String subtitle,
            long needed,
            int perSet,
            String setName,
            Optional<MadeSet> set,
            List<PartId> partIds) {
        this(
                key,
                kind,
                title,
                subtitle,
                needed,
                perSet,
                setName,
                set,
                partIds,
                Optional.empty(),
                line(kind, title, subtitle));
    }

    /** What is not of units stands under the blocks or the top. */
    static Line line(Kind kind, String title, String subtitle) {
        String makes = switch (kind) {
            case HALVES, UNITS -> title;
            case BONUS -> "bonus units";
            case BLOCKS -> "blocks";
            case SASHING, ROWS, BORDER, BINDING -> "the top";
        };
        return new Line(makes, title, subtitle);
    }

    /** What is sewn, in the order in which a quilter sews. */
    public enum Kind {
        HALVES,
        UNITS,
        BONUS,
        BLOCKS,
        SASHING,
        ROWS,
        BORDER,
        BINDING
    }

    /** What it is one of many of: the same work in other cloths, so that a list can be ticked off. */
    public String run() {
        return set.map(each -> switch (each) {
                    case MadeSet.Whole whole -> title + ", " + whole.method().displayName();
                    case MadeSet.Single single ->
                        title + (single.besidePairs() ? ", odd ones" : "") + ", loose triangles";
                    case MadeSet.Crossed crossed -> title + ", crossed";
                    case MadeSet.Halves halves -> title + (halves.loose() ? ", odd ones" : ", in pairs");
                    case MadeSet.Joined joined -> joined.closed() ? "rings" : "chains";
                })
                .orElse(title);
    }

    /** The one unit that it makes, or makes halves for; empty for halves that go into several kinds, and for no units. */
    Optional<PatchworkUnit> unit() {
        return set.flatMap(each -> switch (each) {
            case MadeSet.Whole whole -> Optional.of(whole.plan().unit());
            case MadeSet.Single single -> Optional.of(single.plan().unit());
            case MadeSet.Crossed crossed -> Optional.of(crossed.plan().unit());
            case MadeSet.Joined joined -> Optional.of(joined.unit());
            case MadeSet.Halves halves ->
                halves.groups().stream().map(UnitsKey::unit).distinct().count() == 1
                        ? Optional.of(halves.groups().getFirst().unit())
                        : Optional.empty();
        });
    }

    /** The group of units that is made, where it is one. */
    public Optional<UnitPlan> plan() {
        return set.flatMap(each -> switch (each) {
            case MadeSet.Whole whole -> Optional.of(whole.plan());
            case MadeSet.Single single -> Optional.of(single.plan());
            case MadeSet.Crossed crossed -> Optional.of(crossed.plan());
            case MadeSet.Halves halves -> Optional.empty();
            case MadeSet.Joined joined -> Optional.empty();
        });
    }

    /** Of the units that one set gives, those of either hand, where hands are counted apart. */
    public Hands hands() {
        return plan().filter(units -> units.left() + units.right() > 0)
                .map(units -> units.run().hands())
                .orElse(Hands.NONE);
    }

    /** How many sets are still to be sewn, given what is made; by hand, where hands differ. */
    public long setsLeft(BenchState.Counts counts) {
        Hands each = hands();
        if (each.differ()) {
            UnitPlan units = plan().orElseThrow();
            int both = each.left() + each.right();
            long openLeft = units.left() + counts.spoiledLeft() - (long) counts.units() * each.left() / both;
            long openRight = units.right() + counts.spoiledRight() - (long) counts.units() * each.right() / both;
            return Math.max(0, Math.max(ceil(openLeft, each.left()), ceil(openRight, each.right())));
        }
        return Math.max(0, Math.ceilDiv(needed - counts.good(), perSet));
    }

    private static long ceil(long open, int each) {
        return each == 0 ? 0 : Math.ceilDiv(open, each);
    }

    /** Sets that the plan has cloth cut for. */
    public long setsPlanned() {
        return set.map(MadeSet::runs).orElse(Math.ceilDiv(needed, (long) perSet));
    }

    /** Sets beyond those that cloth is cut for. */
    public long setsBeyondPlan(BenchState.Counts counts) {
        return Math.max(0, counts.setsMade() + counts.setsSpoiled() + setsLeft(counts) - setsPlanned());
    }
}
