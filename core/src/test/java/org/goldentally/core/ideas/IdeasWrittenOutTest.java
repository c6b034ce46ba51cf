package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.chance.Written;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.junit.jupiter.api.Test;

/** Tops that a few shelves make, and the quilts of our own, written out: what each is, and in which cloths it stands where. */
class IdeasWrittenOutTest {

    private static final int OF_EACH = 12;
    private static final int ROW_BY_ROW = 6;

    /** Parts of a top that is written row by row. */
    private static final int SMALL = 40;

    @Test
    void topsOfAFewShelves() {
        List<String> lines = new ArrayList<>();
        for (List<ShelfCloth> shelf : TopIdeasTest.shelves()) {
            lines.add("= " + shelf.getFirst().name() + ", " + shelf.size() + " cloths");
            write(lines, TopIdeas.of(shelf, TopWish.anything(MeasureSystem.INCH)));
            lines.add("= the same, 40 × 50 in, blocks of 8 in, a border of 2 1/2 in");
            write(
                    lines,
                    TopIdeas.of(
                            shelf, TopWish.read(new TopWish.Typed(MeasureSystem.INCH, "40", "50", "8", "2 1/2", ""))));
        }
        Written.as("ideas.txt", lines);
    }

    private static void write(List<String> lines, TopIdeas ideas) {
        List<TopIdea> first = ideas.workedOut(0, OF_EACH);
        for (int i = 0; i < first.size(); i++) {
            TopIdea idea = first.get(i);
            QuiltTop top = idea.tally().top();
            lines.add(idea.key() + ": " + idea.name() + ", " + idea.says() + "; "
                    + size(top) + "; "
                    + (idea.buysSomething() ? "buys " + idea.toBuy() : "buys nothing") + "; "
                    + idea.whole() + " pieces whole, " + idea.clothsUntouched() + " fabrics not cut into");
            if (i < ROW_BY_ROW && top.parts().size() <= SMALL) {
                writeRows(lines, idea.design(), top);
            }
        }
    }

    @Test
    void quiltsOfOurOwn() {
        List<String> lines = new ArrayList<>();
        for (OurQuilts.OurQuilt quilt : OurQuilts.all()) {
            QuiltTop top = QuiltTop.of(quilt.design());
            lines.add("= " + quilt.name() + ": " + quilt.says() + "; " + size(top));
            writeRows(lines, quilt.design(), top);
        }
        Written.as("our-quilts.txt", lines);
    }

    private static String size(QuiltTop top) {
        return top.design().system().writer().write(top.finishedWidth()) + " × "
                + top.design().system().writer().write(top.finishedHeight());
    }

    /** Where each part lies, what it is, and its cloths in the order of its patches. */
    private static void writeRows(List<String> lines, QuiltDesign design, QuiltTop top) {
        Map<String, String> rows = new LinkedHashMap<>();
        for (TopPart part : top.parts()) {
            String cloths = part.figure().patches().stream()
                    .map(FigurePatch::cloth)
                    .distinct()
                    .map(key -> design.cloth(key).map(ClothInHand::name).orElse(key))
                    .collect(Collectors.joining(" + "));
            rows.merge(part.kind() + " " + part.row(), part.blockKey() + " " + cloths, (a, b) -> a + " | " + b);
        }
        rows.forEach((row, parts) -> lines.add("  " + row + ": " + parts));
    }
}
