package org.goldentally.core.design;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Limits;

/**
 * A whole quilt as the quilter decided it.
 *
 * @param format the version of this document; {@value #CURRENT_FORMAT}
 * @param seam the seam allowance as typed, such as {@code 1/4}
 * @param cloths the cloths in hand, in the order of their numbers on the wall
 * @param blocks its blocks, those that are only set into others too
 * @param places places of the top that differ from what the setting says
 * @param borders from the inside out
 * @param edgePlaces places of sashing, borders and setting triangles that are dressed otherwise than the rest of them
 * @param closeInValue cloths whose lightness differs by less than this (CIELAB L*) are said to read as one
 * @param methods how groups of units are made, where the quilter chose
 * @param plan how the cloth is cut and the work done
 */
public record QuiltDesign(
        int format,
        MeasureSystem system,
        String seam,
        Grid grid,
        Allowance allowance,
        @LeftOut("[]") List<ClothInHand> cloths,
        List<Block> blocks,
        BlockSizeDesign blockSize,
        SettingDesign setting,
        @LeftOut("[]") List<PlaceDesign> places,
        @LeftOut("{}") SashingDesign sashing,
        @LeftOut("[]") List<BorderDesign> borders,
        @LeftOut("[]") List<EdgePlaceDesign> edgePlaces,
        FinishingDesign finishing,
        @LeftOut("20") int closeInValue,
        @LeftOut("[]") List<MethodChoice> methods,
        @LeftOut("{}") PlanDesign plan) {

    public static final int CURRENT_FORMAT = 13;

    /** Cloths whose lightness differs by less read as one (our own threshold; each quilt may have another). */
    public static final int USUAL_CLOSE_IN_VALUE = 20;

    /** More cloths than anyone keeps apart in one quilt (our own limit). */
    public static final int MOST_CLOTHS = 200;

    private static final int MOST_BLOCKS = 80;
    private static final int MOST_PLACES = 12_000;
    private static final int MOST_BORDERS = 12;
    private static final int MOST_METHODS = 2_000;

    public QuiltDesign {
        Limits.between(format, CURRENT_FORMAT, CURRENT_FORMAT, "format");
        Limits.required(system, "system");
        Limits.text(seam, 40, "seam");
        Limits.required(grid, "grid");
        Limits.required(allowance, "allowance");
        Limits.list(cloths, MOST_CLOTHS, "cloths");
        Limits.list(blocks, MOST_BLOCKS, "blocks");
        Limits.required(blockSize, "blockSize");
        Limits.required(setting, "setting");
        different(cloths.stream().map(ClothInHand::key).toList(), "cloths");
        different(blocks.stream().map(Block::key).toList(), "blocks");
        Limits.list(places, MOST_PLACES, "places");
        Limits.required(sashing, "sashing");
        Limits.list(borders, MOST_BORDERS, "borders");
        Limits.list(edgePlaces, MOST_PLACES, "edgePlaces");
        Limits.required(finishing, "finishing");
        Limits.between(closeInValue, 0, 100, "closeInValue");
        Limits.list(methods, MOST_METHODS, "methods");
        Limits.required(plan, "plan");
        cloths = List.copyOf(cloths);
        blocks = List.copyOf(blocks);
        places = List.copyOf(places);
        borders = List.copyOf(borders);
        edgePlaces = List.copyOf(edgePlaces);
        methods = List.copyOf(methods);
    }

    /** Two of one key could not be told apart, and cloth would be promised twice. */
    private static void different(List<String> keys, String field) {
        if (Set.copyOf(keys).size() < keys.size()) {
            throw new IllegalArgumentException(field + " has two entries of the same key");
        }
    }

    /**
     * A group of units made by a chosen method: {@code half-square:a,b} by {@code eight-at-a-time}.
     *
     * @param byHand whether the quilter chose it for this group herself, so that no plan changes it
     */
    public record MethodChoice(
            String units, String method, @LeftOut("true") boolean byHand) {

        /** As the quilter chose. */
        public MethodChoice(String units, String method) {
            this(units, method, true);
        }

        public MethodChoice {
            Limits.text(units, 400, "units");
            Limits.text(method, 60, "method");
        }
    }

    /** The same with other cloths. */
    public QuiltDesign withCloths(List<ClothInHand> others) {
        return changed(parts -> parts.cloths = others);
    }

    /** The same sewn with another allowance. */
    public QuiltDesign withAllowance(Allowance other) {
        return changed(parts -> parts.allowance = other);
    }

    /** The same with other blocks. */
    public QuiltDesign withBlocks(List<Block> others) {
        return changed(parts -> parts.blocks = others);
    }

    /** The same with blocks of another size. */
    public QuiltDesign withBlockSize(BlockSizeDesign other) {
        return changed(parts -> parts.blockSize = other);
    }

    /** The same in another setting. */
    public QuiltDesign withSetting(SettingDesign other) {
        return changed(parts -> parts.setting = other);
    }

    /** The same with other blocks in its places. */
    public QuiltDesign withPlaces(List<PlaceDesign> others) {
        return changed(parts -> parts.places = others);
    }

    /** The same with other sashing. */
    public QuiltDesign withSashing(SashingDesign other) {
        return changed(parts -> parts.sashing = other);
    }

    /** The same with other borders. */
    public QuiltDesign withBorders(List<BorderDesign> others) {
        return changed(parts -> parts.borders = others);
    }

    /** The same with other units of sashing, borders and setting triangles dressed unlike the rest. */
    public QuiltDesign withEdgePlaces(List<EdgePlaceDesign> others) {
        return changed(parts -> parts.edgePlaces = others);
    }

    /** The same with another binding and backing. */
    public QuiltDesign withFinishing(FinishingDesign other) {
        return changed(parts -> parts.finishing = other);
    }

    /** The same with other methods chosen. */
    public QuiltDesign withMethods(List<MethodChoice> others) {
        return changed(parts -> parts.methods = others);
    }

    /** The same with another plan. */
    public QuiltDesign withPlan(PlanDesign other) {
        return changed(parts -> parts.plan = other);
    }

    private QuiltDesign changed(Consumer<Parts> change) {
        Parts parts = new Parts(this);
        change.accept(parts);
        return parts.inPlaceOfThoseOf(this);
    }

    /** What a copy may have otherwise. */
    private static final class Parts {
        private Allowance allowance;
        private List<ClothInHand> cloths;
        private List<Block> blocks;
        private BlockSizeDesign blockSize;
        private SettingDesign setting;
        private List<PlaceDesign> places;
        private SashingDesign sashing;
        private List<BorderDesign> borders;
        private List<EdgePlaceDesign> edgePlaces;
        private FinishingDesign finishing;
        private List<MethodChoice> methods;
        private PlanDesign plan;

        Parts(QuiltDesign of) {
            allowance = of.allowance;
            cloths = of.cloths;
            blocks = of.blocks;
            blockSize = of.blockSize;
            setting = of.setting;
            places = of.places;
            sashing = of.sashing;
            borders = of.borders;
            edgePlaces = of.edgePlaces;
            finishing = of.finishing;
            methods = of.methods;
            plan = of.plan;
        }

        QuiltDesign inPlaceOfThoseOf(QuiltDesign of) {
            return new QuiltDesign(
                    of.format,
                    of.system,
                    of.seam,
                    of.grid,
                    allowance,
                    cloths,
                    blocks,
                    blockSize,
                    setting,
                    places,
                    sashing,
                    borders,
                    edgePlaces,
                    finishing,
                    of.closeInValue,
                    methods,
                    plan);
        }
    }

    /** One of its blocks by its key, a smaller one in others too. */
    public Optional<Block> block(String key) {
        return blocks.stream().filter(block -> block.key().equals(key)).findFirst();
    }

    /** One of its cloths by its key. */
    public Optional<ClothInHand> cloth(String key) {
        return cloths.stream().filter(cloth -> cloth.key().equals(key)).findFirst();
    }

    /** A first quilt to change: 4 by 5 pinwheels of 8 in (or 20 cm), not dressed yet. */
    public static QuiltDesign first(MeasureSystem system) {
        Block pinwheel = TraditionalBlocks.byKey("pinwheel").orElseThrow().undressed();
        return new QuiltDesign(
                CURRENT_FORMAT,
                system,
                system.writer().write(system.usualSeam()),
                system.usualGrid(),
                Allowance.TRIM,
                List.of(),
                List.of(pinwheel),
                BlockSizeDesign.finishedBlock(
                        system.writer().write(UsualSizes.of(system).firstBlock())),
                new SettingDesign(
                        SettingDesign.Kind.STRAIGHT, 4, 5, List.of("pinwheel"), "", SettingDesign.Halves.BLOCK),
                List.of(),
                SashingDesign.NONE,
                List.of(),
                List.of(),
                FinishingDesign.usual(system),
                USUAL_CLOSE_IN_VALUE,
                List.of(),
                PlanDesign.USUAL);
    }
}
