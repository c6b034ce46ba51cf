package org.goldentally.app.print;

import java.util.List;
import org.goldentally.app.cut.CutView;
import org.goldentally.app.cut.LikeSheets;
import org.goldentally.app.plan.ShoppingView;
import org.goldentally.app.sew.SewBook;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.sew.PickingList;

/** A quilt as a booklet: the top with its cloths and the contents, what to buy, how to cut, a card for each batch. */
final class Booklet {

    private static final int MOST_CONTENTS = 22;

    private final PrintedPages pages;
    private final QuiltTop top;
    private final QuiltDesign design;
    private final LengthWriter writer;

    Booklet(PrintedPages pages, QuiltTop top) {
        this.pages = pages;
        this.top = top;
        this.design = top.design();
        this.writer = design.system().writer();
    }

    void print(String name, ShoppingView shopping, CutView cut, SewBook sew) {
        cover(name, LikeSheets.of(cut).size() + (PickingList.of(top).isNeeded() ? 3 : 2));
        pages.newPage();
        ShoppingSheet.print(pages, shopping);
        CuttingSheets.print(pages, cut);
        pickingList(PickingList.of(top));
        new SewingCards(pages, design.cloths()).print(sew);
    }

    /** Heaps become blocks by it, on paper and in black. */
    private void pickingList(PickingList list) {
        if (!list.isNeeded()) {
            return;
        }
        pages.newPage();
        pages.chapter("Which fabrics go into which block");
        pages.paragraph(
                "Lay the pieces of a block together before you sew it. Rows count from the top, blocks from the left.");
        pages.table(
                List.of("Block", "Fabrics", "How many", "Where it goes"),
                list.picks().stream()
                        .map(pick -> List.of(
                                pick.block() + (pick.mirrored() ? ", mirrored" : ""),
                                String.join(", ", pick.fabrics()),
                                String.valueOf(pick.count()),
                                pick.where()))
                        .toList(),
                0.2f,
                0.4f,
                0.12f,
                0.28f);
    }

    private void cover(String name, int chapters) {
        pages.title(name);
        pages.paragraph("The top finishes at " + writer.write(top.finishedWidth()) + " × "
                + writer.writeWithUnit(top.finishedHeight()) + "; blocks finish at "
                + writer.write(top.sizes().blockWidth()) + " × "
                + writer.writeWithUnit(top.sizes().blockHeight()) + ". Seam " + design.seam() + " "
                + design.system().abbreviation() + ".");
        swatches();
        picture(chapters);
        pages.contents(Math.min(chapters, MOST_CONTENTS));
    }

    private void swatches() {
        List<ClothInHand> listed =
                design.cloths().stream().filter(cloth -> !cloth.dealt()).toList();
        pages.swatches(
                listed.stream().map(Booklet::said).toList(),
                listed.stream().map(ClothInHand::colour).toList());
    }

    private void picture(int chapters) {
        double width = top.finishedWidth().toDoubleInches();
        double height = top.finishedHeight().toDoubleInches();
        float high = Math.clamp(
                pages.room() - Drawing.MEASURE_ROOM - 20 - Math.min(chapters, MOST_CONTENTS) * 17f, 200, 470);
        pages.space(6);
        float drawn = pages.drawing(
                "The top as it will hang, " + writer.write(top.finishedWidth()) + " by "
                        + writer.writeWithUnit(top.finishedHeight()) + " finished",
                width,
                height,
                pages.width() - Drawing.MEASURE_ROOM,
                high,
                0,
                drawing -> {
                    top.parts().forEach(part -> part(drawing, part));
                    drawing.measures(
                            width,
                            height,
                            writer.writeWithUnit(top.finishedWidth()) + " finished",
                            writer.writeWithUnit(top.finishedHeight()) + " finished");
                });
        pages.below(drawn + Drawing.MEASURE_ROOM + 10);
    }

    private static String said(ClothInHand cloth) {
        return cloth.name()
                + (cloth.background() ? ", background" : "")
                + (cloth.directional() ? ", up and down: never turned" : "");
    }

    private void part(Drawing drawing, TopPart part) {
        List<Polygon> outlines = part.outlines();
        for (int i = 0; i < outlines.size(); i++) {
            String cloth = part.figure().patches().get(i).cloth();
            String colour = design.cloth(cloth).map(ClothInHand::colour).orElse("#ffffff");
            drawing.polygon(corners(outlines.get(i)), colour, 0.25f, false);
        }
    }

    private static double[] corners(Polygon outline) {
        double[] corners = new double[2 * outline.corners().size()];
        for (int i = 0; i < outline.corners().size(); i++) {
            Point corner = outline.corners().get(i);
            corners[2 * i] = corner.x().toDoubleInches();
            corners[2 * i + 1] = corner.y().toDoubleInches();
        }
        return corners;
    }
}
