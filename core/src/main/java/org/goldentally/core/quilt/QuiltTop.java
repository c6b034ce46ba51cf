package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.PatchCount;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.meaning.TopSizes;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;

/**
 * A whole top, worked out from its design: 4 by 5 blocks of 12 in and a border of 3 in finish at 54 × 66 in.
 *
 * @param parts blocks, sashing, triangles and borders; together they fill the top without gap or overlap
 * @param flaws what is wrong, each at its part; the top is drawn and counted all the same
 * @param fits how pieced borders that do not come out even could be made to
 */
public record QuiltTop(
        ReadDesign read,
        Length centreWidth,
        Length centreHeight,
        Length finishedWidth,
        Length finishedHeight,
        List<TopPart> parts,
        List<Flaw> flaws,
        List<BorderFit> fits) {

    /** More patches than a large quilt of the smallest pieces has (our own limit): a king's of 1 in squares has 11,000. */
    private static final long MOST_PATCHES = 150_000;

    /**
     * Works the top out.
     *
     * @throws RefusedException if a size cannot be read, with every problem
     */
    public static QuiltTop of(QuiltDesign design) {
        ReadDesign read = ReadDesign.of(design);
        TopSizes sizes = read.sizes();
        BlockFigures blocks = new BlockFigures(design, sizes);
        List<Flaw> flaws = new ArrayList<>();
        checkPatches(design);
        Centre centre = switch (design.setting().kind()) {
            case STRAIGHT -> new StraightSetting(design, sizes, blocks, flaws).lay();
            case HALF_DROP -> new HalfDropSetting(design, sizes, blocks, flaws).lay();
            case ON_POINT -> new OnPointSetting(design, sizes, blocks, flaws).lay();
        };
        Borders borders = new Borders(design, sizes, blocks, flaws, centre);
        Centre whole = borders.lay();
        List<Problem> tooLarge = new ArrayList<>();
        checkSide("Blocks across", whole.width(), design, tooLarge);
        checkSide("Blocks down", whole.height(), design, tooLarge);
        if (!tooLarge.isEmpty()) {
            throw new RefusedException(tooLarge);
        }
        return new QuiltTop(
                read,
                centre.width(),
                centre.height(),
                whole.width(),
                whole.height(),
                whole.parts(),
                List.copyOf(flaws),
                List.copyOf(borders.fits()));
    }

    private static void checkPatches(QuiltDesign design) {
        PatchCount patches = new PatchCount(design::block);
        Set<String> used = new HashSet<>(design.setting().blocks());
        used.add(design.setting().betweenBlock());
        design.places().forEach(place -> used.add(place.block()));
        long most = design.blocks().stream()
                .filter(block -> used.contains(block.key()))
                .mapToLong(patches::of)
                .max()
                .orElse(0);
        int rows = design.setting().kind() == SettingDesign.Kind.ON_POINT ? 2 : 1;
        if (most * rows * design.setting().across() * design.setting().down() > MOST_PATCHES) {
            throw new RefusedException(new Problem(
                    "Blocks across",
                    "so many blocks of so many units are more than we can plan",
                    "use fewer or simpler blocks"));
        }
    }

    private static void checkSide(String where, Length side, QuiltDesign design, List<Problem> problems) {
        if (side.isLongerThan(TopSizes.LONGEST_SIDE)) {
            problems.add(new Problem(
                    where,
                    "the top would be " + design.system().writer().writeWithUnit(side)
                            + " on this side, longer than any bed",
                    "use fewer or smaller blocks; " + design.system().writer().writeWithUnit(TopSizes.LONGEST_SIDE)
                            + " is the limit"));
        }
    }

    /** As the quilter decided it. */
    public QuiltDesign design() {
        return read.typed();
    }

    /** What was typed, as lengths. */
    public TopSizes sizes() {
        return read.sizes();
    }

    /** How it is sewn. */
    public SewingSettings settings() {
        return sizes().settings();
    }

    /** Finished area, inside the binding. */
    public Area area() {
        return finishedWidth.times(finishedHeight);
    }

    /** A part by its id. */
    public Optional<TopPart> part(PartId id) {
        return parts.stream().filter(part -> part.id().equals(id)).findFirst();
    }

    /** Whole blocks: half ones along the edge and plain squares between are not counted. */
    public int blockCount() {
        return (int)
                parts.stream().filter(part -> part.kind() == TopPart.Kind.BLOCK).count();
    }

    /** {@code 20 blocks}; on point {@code 16 blocks and 9 between them}, or {@code … and 9 plain squares between them}. */
    public String blocksInWords() {
        SettingDesign setting = design().setting();
        if (setting.kind() != SettingDesign.Kind.ON_POINT) {
            return counted(blockCount(), "block");
        }
        int between = (setting.across() - 1) * (setting.down() - 1);
        String blocks = counted(setting.across() * setting.down(), "block");
        if (between == 0) {
            return blocks;
        }
        return switch (setting.between()) {
            case SAME, OTHER -> blocks + " and " + between + " between them";
            case PLAIN -> blocks + " and " + counted(between, "plain square") + " between them";
            case OPEN -> blocks + " and " + counted(between, "place") + " left open between them";
        };
    }

    private static String counted(int count, String what) {
        return count + " " + what + (count == 1 ? "" : "s");
    }

    /** Sizes that no ruler shows, with friendly ones nearby. */
    public List<Problem> notices() {
        return FriendlySizes.notices(this);
    }

    /** The figures of the top, each once, with how many parts show it. */
    public Map<Figure, Integer> figures() {
        Map<Figure, Integer> counts = new IdentityHashMap<>();
        parts.forEach(part -> counts.merge(part.figure(), 1, Integer::sum));
        return counts;
    }
}
