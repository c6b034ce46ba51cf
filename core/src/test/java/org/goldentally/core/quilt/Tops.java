package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.design.BlockSizeDesign;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.FinishingDesign;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.design.SashingDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.design.SettingDesign.Halves;
import org.goldentally.core.design.SettingDesign.Kind;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.unit.UnitKind;

/** Builds designs for tests, starting from straight blocks in inches. */
public final class Tops {

    private List<Block> blocks = new ArrayList<>();
    private BlockSizeDesign size;
    private SettingDesign setting;
    private final List<PlaceDesign> places = new ArrayList<>();
    private SashingDesign sashing = SashingDesign.NONE;
    private final List<BorderDesign> borders = new ArrayList<>();
    private List<ClothInHand> cloths = List.of(
            new ClothInHand("a", "oat", "#efe6d0", "", true, ""),
            new ClothInHand("b", "ink", "#22384d"),
            new ClothInHand("c", "marigold", "#f0aa1d"),
            new ClothInHand("d", "spruce", "#2e6f5e"),
            new ClothInHand("e", "brick", "#b2472f"));

    private FinishingDesign finishing = FinishingDesign.usual(MeasureSystem.INCH);
    private PlanDesign plan = PlanDesign.USUAL;
    private Allowance allowance = Allowance.TRIM;
    private final List<MethodChoice> methods = new ArrayList<>();

    private Tops() {}

    /** Straight rows of traditional blocks, dressed in cloths a to e. */
    public static Tops of(int across, int down, String size, String... keys) {
        Tops tops = new Tops();
        for (String key : keys) {
            TraditionalBlocks.withSmaller(TraditionalBlocks.byKey(key).orElseThrow()).stream()
                    .filter(block -> !tops.blocks.contains(block))
                    .forEach(tops.blocks::add);
        }
        tops.size = BlockSizeDesign.finishedBlock(size);
        tops.setting = new SettingDesign(Kind.STRAIGHT, across, down, List.of(keys), "a", Halves.BLOCK);
        return tops;
    }

    /** One of its cloths has a print with an up and a down. */
    public Tops directional(String key) {
        cloths = cloths.stream()
                .map(cloth -> !cloth.key().equals(key)
                        ? cloth
                        : new ClothInHand(
                                key,
                                cloth.name(),
                                cloth.colour(),
                                cloth.lightness(),
                                cloth.background(),
                                cloth.shelfCloth(),
                                true,
                                cloth.pack(),
                                cloth.standsFor()))
                .toList();
        return this;
    }

    public QuiltDesign design() {
        QuiltDesign first = QuiltDesign.first(MeasureSystem.INCH);
        return new QuiltDesign(
                first.format(),
                first.system(),
                first.seam(),
                first.grid(),
                allowance,
                cloths,
                blocks,
                size,
                setting,
                places,
                sashing,
                borders,
                List.of(),
                finishing,
                first.closeInValue(),
                methods,
                plan);
    }

    /** Which cloth the binding is of. */
    public Tops boundIn(String cloth) {
        finishing = new FinishingDesign(cloth, "2 1/2", "", "40", "4");
        return this;
    }

    /** How the cloth is cut and the work done. */
    public Tops finish(FinishingDesign other) {
        finishing = other;
        return this;
    }

    public Tops plan(PlanDesign other) {
        plan = other;
        return this;
    }

    public Tops with(Allowance other) {
        allowance = other;
        return this;
    }

    /** The last choice for the same units counts. */
    public Tops choose(String units, String method) {
        methods.removeIf(choice -> choice.units().equals(units));
        methods.add(new MethodChoice(units, method));
        return this;
    }

    public QuiltTop top() {
        return QuiltTop.of(design());
    }

    /** The blocks that take turns. */
    public Tops turns(String... keys) {
        setting = new SettingDesign(
                setting.kind(),
                setting.across(),
                setting.down(),
                List.of(keys),
                setting.cloth(),
                setting.halves(),
                setting.between(),
                setting.betweenBlock());
        return this;
    }

    /** What stands between blocks on point. */
    public Tops between(SettingDesign.Between between, String block) {
        setting = new SettingDesign(
                setting.kind(),
                setting.across(),
                setting.down(),
                setting.blocks(),
                setting.cloth(),
                setting.halves(),
                between,
                block);
        return this;
    }

    public Tops set(Kind kind) {
        return set(kind, Halves.BLOCK);
    }

    Tops set(Kind kind, Halves halves) {
        setting = new SettingDesign(kind, setting.across(), setting.down(), setting.blocks(), setting.cloth(), halves);
        return this;
    }

    Tops oblong(String height) {
        return size(new BlockSizeDesign(size.of(), size.as(), size.typed(), height, size.across(), size.down()));
    }

    Tops size(BlockSizeDesign other) {
        size = other;
        return this;
    }

    public Tops cloths(ClothInHand... others) {
        cloths = List.of(others);
        return this;
    }

    /** Only these blocks, set in turn. */
    Tops blocks(Block... others) {
        blocks = List.of(others);
        setting = new SettingDesign(
                setting.kind(),
                setting.across(),
                setting.down(),
                blocks.stream().map(Block::key).toList(),
                setting.cloth(),
                setting.halves());
        return this;
    }

    public Tops place(
            int row, int column, String block, int turns, boolean mirrored, PlaceDesign.Exchange... exchanges) {
        places.add(new PlaceDesign(row, column, block, turns, mirrored, List.of(exchanges)));
        return this;
    }

    public Tops sash(String width, String cornerstones, boolean around, UnitDesign... units) {
        sashing = new SashingDesign(width, List.of(units), cornerstones, around);
        return this;
    }

    /** The sashing there is, between the one or the other only. */
    public Tops sashed(SashingDesign.Between between) {
        sashing =
                new SashingDesign(sashing.width(), sashing.units(), sashing.cornerstones(), sashing.around(), between);
        return this;
    }

    public Tops border(BorderDesign border) {
        borders.add(border);
        return this;
    }

    /** A plain border just wide enough for the next one. */
    static BorderDesign spacer(String least) {
        return new BorderDesign(
                BorderDesign.Kind.SPACER, least, "a", List.of(), "", false, BorderDesign.Corners.BUTTED, List.of());
    }

    /** A border of hourglasses with an hourglass in each corner. */
    public static BorderDesign hourglasses(String width) {
        UnitDesign hourglass = UnitDesign.of(UnitKind.HOURGLASS, 0, "a", "b", "a", "b");
        return pieced(width, BorderDesign.Corners.UNITS, false, hourglass);
    }

    static BorderDesign pieced(String width, BorderDesign.Corners corners, boolean mirror, UnitDesign... units) {
        return new BorderDesign(
                BorderDesign.Kind.PIECED, width, "", List.of(units), "", mirror, corners, List.of(units[0]));
    }
}
