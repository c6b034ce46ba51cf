package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.design.BlockSizeDesign;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.FinishingDesign;
import org.goldentally.core.design.MakingDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SashingDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.QuiltTop;

/** Writes a sketch with so many blocks as a design like any other, with all to be changed. */
final class IdeaDesign {

    /** A throw, where nobody says how large: 60 × 72 in. */
    static final Length USUAL_WIDTH = Length.inches(60);

    static final Length USUAL_HEIGHT = Length.inches(72);

    /** The largest bed's. */
    private static final Length LARGEST = Length.inches(108);

    private static final String PLAIN = "plain-square";

    private final IdeaSketch sketch;
    private final Map<ShelfCloth, String> keys = new LinkedHashMap<>();
    private final QuiltDesign design;

    IdeaDesign(IdeaSketch sketch, Map<String, Double> letterArea, int across, int down) {
        this.sketch = sketch;
        Dressing dressing = sketch.dressing();
        dressing.all().forEach(cloth -> keys.put(cloth, "c" + (keys.size() + 1)));
        DealtPrints prints = new DealtPrints(sketch, letterArea);
        Map<String, ShelfCloth> designedIn = prints.designedIn();
        QuiltDesign undealt = undealt(designedIn, across, down);
        List<DealtPrints.Spot> spots = QuiltTop.of(undealt).parts().stream()
                .filter(part ->
                        part.isBlock() && part.blockKey().equals(sketch.block().key()))
                .map(part -> new DealtPrints.Spot(part.row(), part.column()))
                .toList();
        this.design = undealt.withPlaces(prints.places(spots, designedIn, keys));
    }

    QuiltDesign design() {
        return design;
    }

    /** The same, with odd units made as one of a pair. */
    QuiltDesign oddOnesInPairs() {
        return design.withPlan(design.plan().withMaking(MakingDesign.ODD_ONES_IN_PAIRS));
    }

    /** The design's key for each cloth. */
    Map<ShelfCloth, String> keys() {
        return keys;
    }

    private String key(ShelfCloth cloth) {
        return org.goldentally.core.problem.Known.of(keys, cloth);
    }

    private QuiltDesign undealt(Map<String, ShelfCloth> designedIn, int across, int down) {
        Dressing dressing = sketch.dressing();
        MeasureSystem system = sketch.system();
        LengthWriter writer = system.writer();
        String between = dressing.between().map(this::key).orElse("");
        String accent = dressing.accent().map(this::key).orElse("");
        Map<String, String> dressedIn = new LinkedHashMap<>();
        designedIn.forEach((letter, cloth) -> dressedIn.put(letter, key(cloth)));
        List<Block> blocks = new ArrayList<>();
        TraditionalBlocks.withSmaller(sketch.block()).forEach(block -> blocks.add(dressed(block, dressedIn)));
        List<String> turns = new ArrayList<>(List.of(sketch.block().key()));
        if (sketch.lay() == Lay.ALTERNATE) {
            blocks.add(dressed(TraditionalBlocks.byKey(PLAIN).orElseThrow(), Map.of("b", between)));
            turns.add(PLAIN);
        }
        FinishingDesign usual = FinishingDesign.usual(system);
        return QuiltDesign.first(system)
                .withCloths(inHand())
                .withBlocks(blocks)
                .withBlockSize(new BlockSizeDesign(
                        BlockSizeDesign.Of.BLOCK,
                        BlockSizeDesign.As.FINISHED,
                        writer.write(sketch.blockWidth()),
                        sketch.blockWidth().equals(sketch.blockHeight()) ? "" : writer.write(sketch.blockHeight()),
                        1,
                        1))
                .withSetting(setting(across, down, turns, between))
                .withSashing(sashing(between, accent))
                .withBorders(borders(accent))
                .withFinishing(new FinishingDesign(
                        accent, usual.bindingStrip(), "", usual.backingWidth(), usual.overhang(), false));
    }

    private List<BorderDesign> borders(String cloth) {
        String width = sketch.system().writer().write(sketch.border());
        return sketch.border().isZero()
                ? List.of()
                : List.of(BorderDesign.plain(width, cloth, BorderDesign.Corners.BUTTED));
    }

    private SettingDesign setting(int across, int down, List<String> turns, String between) {
        return new SettingDesign(
                sketch.lay() == Lay.ON_POINT ? SettingDesign.Kind.ON_POINT : SettingDesign.Kind.STRAIGHT,
                across,
                down,
                turns,
                between,
                SettingDesign.Halves.BLOCK,
                sketch.lay() == Lay.ON_POINT ? SettingDesign.Between.PLAIN : SettingDesign.Between.SAME,
                "");
    }

    private SashingDesign sashing(String between, String accent) {
        LengthWriter writer = sketch.system().writer();
        return sketch.lay() == Lay.SASHED
                ? new SashingDesign(
                        writer.write(sashing(sketch)),
                        List.of(UnitDesign.plain(between)),
                        accent.equals(between) ? "" : accent,
                        false)
                : SashingDesign.NONE;
    }

    private static Block dressed(Block block, Map<String, String> cloths) {
        return block.withUnits(unit -> unit.inCloths(letter -> cloths.getOrDefault(letter, letter)));
    }

    private List<ClothInHand> inHand() {
        List<ShelfCloth> ground = sketch.dressing().ground();
        List<ClothInHand> cloths = new ArrayList<>();
        keys.forEach((cloth, key) -> cloths.add(cloth.inHand(key, ground.contains(cloth))));
        return cloths;
    }

    /** A sixth of a block, to the half inch or centimetre, one inch or two centimetres at least. */
    private static Length sashing(IdeaSketch sketch) {
        Length step = sketch.system().one().dividedBy(sketch.system() == MeasureSystem.INCH ? 2 : 1);
        return step.times(Math.max(2, sketch.blockWidth().dividedBy(6).wholeTimes(step)));
    }

    /** How long so many blocks are, without borders. */
    static Length side(IdeaSketch sketch, Length block, int count) {
        return switch (sketch.lay()) {
            case STRAIGHT, ALTERNATE -> block.times(count);
            case SASHED -> block.times(count).plus(sashing(sketch).times(count - 1L));
            case ON_POINT -> block.timesRootTwo().times(count);
        };
    }

    /** More blocks than this are longer than the side. */
    static int mostBlocks(Length side, Length block) {
        return Math.clamp(side.isPositive() ? side.wholeTimes(block) + 1 : 1, 1, 100);
    }

    /** How many blocks fit into the largest bed's size; into a throw's, where it is not cloth that limits. */
    static int mostInBed(IdeaSketch sketch, Length block, Length usual, boolean toUsual) {
        Length side = (toUsual ? usual : LARGEST).minus(sketch.border().times(2));
        int count = mostBlocks(side, block);
        while (count > 1 && side(sketch, block, count).isLongerThan(side)) {
            count--;
        }
        return count;
    }
}
