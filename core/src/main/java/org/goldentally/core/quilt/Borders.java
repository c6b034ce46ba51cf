package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderSideDesign.Side;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.meaning.BorderSizes;
import org.goldentally.core.meaning.TopSizes;
import org.goldentally.core.measure.Length;
import org.goldentally.core.problem.Problem;

/**
 * Borders round the centre, one after the other from the inside out.
 *
 * <p>Each side is laid out as if it were the upper one and then turned into its place, so that what points outwards there
 * does so on every side. Butted: the long sides first, then the short ones over their ends.
 */
final class Borders {

    private final QuiltDesign design;
    private final TopSizes sizes;
    private final BlockFigures blocks;
    private final List<Flaw> flaws;
    private final List<BorderFit> fits = new ArrayList<>();
    private final List<TopPart> parts;
    private BorderRing.Inside inside;

    Borders(QuiltDesign design, TopSizes sizes, BlockFigures blocks, List<Flaw> flaws, Centre centre) {
        this.design = design;
        this.sizes = sizes;
        this.blocks = blocks;
        this.flaws = flaws;
        this.parts = new ArrayList<>(centre.parts());
        this.inside = new BorderRing.Inside(Length.ZERO, Length.ZERO, centre.width(), centre.height());
    }

    /** Everything with the upper left corner of the outermost border at the origin. */
    Centre lay() {
        for (int i = 0; i < design.borders().size(); i++) {
            ring(i);
        }
        return new Centre(
                inside.width(),
                inside.height(),
                parts.stream()
                        .map(part ->
                                part.movedBy(inside.x().negated(), inside.y().negated()))
                        .toList());
    }

    List<BorderFit> fits() {
        return fits;
    }

    private void ring(int index) {
        BorderRing ring = new BorderRing(design, blocks, index, sizes.borders().get(index), widths(index), inside);
        parts.addAll(ring.parts());
        flaws.addAll(ring.flaws());
        ring.fit(sizes.settings()).ifPresent(fits::add);
        inside = ring.outside();
    }

    /** How wide each side is: as typed, but for a spacer, which is as wide as the next border needs it. */
    private BorderRing.Widths widths(int index) {
        BorderRing.Widths typed = BorderRing.Widths.of(sizes.borders().get(index));
        if (design.borders().get(index).kind() != BorderDesign.Kind.SPACER) {
            return typed;
        }
        if (!isFollowedByAPiecedOne(index)) {
            flaws.add(whyNoSpacer(index));
            return typed;
        }
        // Its sides are as wide as the row above them needs it, its upper and lower strips as the sides need it.
        Length across = spacer(index, true);
        Length upright = spacer(index, false);
        return new BorderRing.Widths(upright, across, upright, across);
    }

    /** The next border is a row of the same units all round. */
    private boolean isFollowedByAPiecedOne(int index) {
        return index + 1 < design.borders().size()
                && design.borders().get(index + 1).unlike().isEmpty()
                && design.borders().get(index + 1).on(Side.UPPER).madeOfUnits();
    }

    private Flaw whyNoSpacer(int index) {
        boolean unlike = index + 1 < design.borders().size()
                && !design.borders().get(index + 1).unlike().isEmpty();
        Problem problem = unlike
                ? new Problem(
                        "Border " + (index + 1),
                        "a spacer makes one row of units come out even, and the sides of the border outside it differ",
                        "make this one plain and type its width, or the sides of that one alike")
                : new Problem(
                        "Border " + (index + 1),
                        "a spacer makes a pieced border outside it come out even, and there is none",
                        "add a pieced border after it, or make this one plain");
        return new Flaw(new PartId.BorderSide(index + 1, 1), problem);
    }

    /** The width, on one pair of sides, that makes the next border's row a whole number of its steps long. */
    private Length spacer(int index, boolean lying) {
        BorderDesign next = design.borders().get(index + 1);
        BorderSizes rowSizes = sizes.borders().get(index + 1);
        RowOfUnits row =
                new RowOfUnits(next.units(), rowSizes.alike().unitLength(), next.mirrorAtMiddle(), next.middle());
        Length over = BorderFit.overhang(next.corners(), rowSizes.width(), inside.width(), inside.height(), lying);
        Length side = lying ? inside.width() : inside.height();
        return BorderFit.spacer(
                side.plus(over),
                row.step(rowSizes.width()),
                sizes.borders().get(index).width());
    }
}
