package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.chance.Written;
import org.goldentally.core.design.SettingDesign.Halves;
import org.goldentally.core.design.SettingDesign.Kind;
import org.junit.jupiter.api.Test;

/** Every part of a few tops, what they are counted to, and what is noticed at them, written out. */
class TopsWrittenOutTest {

    private static Map<String, Tops> tops() {
        Map<String, Tops> tops = new LinkedHashMap<>(SomeQuilts.tops());
        tops.put("half-drop of halves", Tops.of(3, 3, "8", "pinwheel").set(Kind.HALF_DROP));
        tops.put(
                "half-drop that cannot be halved",
                Tops.of(2, 3, "9", "ohio-star").set(Kind.HALF_DROP));
        tops.put("half-drop of plain halves", Tops.of(2, 3, "9", "ohio-star").set(Kind.HALF_DROP, Halves.PLAIN));
        tops.put(
                "one block unlike a pattern",
                Tops.of(6, 5, "6", "pinwheel", "four-patch").place(2, 3, "pinwheel", 0, false));
        tops.put(
                "one block turned against a mirror",
                Tops.of(6, 6, "6", "half-square-triangle")
                        .place(0, 1, "", 1, false)
                        .place(4, 4, "", 3, true));
        return tops;
    }

    @Test
    void partsAndCounts() {
        List<String> lines = new ArrayList<>();
        tops().forEach((name, tops) -> {
            QuiltTop top = tops.top();
            lines.add("= " + name + ": " + top.finishedWidth() + " x " + top.finishedHeight() + ", "
                    + top.blocksInWords() + ", " + top.blockCount());
            for (TopPart part : top.parts()) {
                lines.add("- " + part.id().text() + ", " + part.where() + ", " + part.name() + ", "
                        + part.kind().label() + ", row " + part.row() + "/" + part.column() + ", border "
                        + part.border()
                        + ", " + part.figure().units().size() + " units");
                lines.add("  " + part.placing());
            }
            TopCount count = TopCount.of(top);
            for (TopCount.Group group : count.all()) {
                lines.add("  " + group.count() + " " + group.label() + " " + group.cloths() + " in " + group.blocks()
                        + " blocks, " + group.key().text());
            }
            lines.add("  blank " + count.blankArea() + ", areas " + count.areas());
            top.notices()
                    .forEach(notice -> lines.add("  ! " + notice.where() + ": " + notice.why() + "; " + notice.fix()));
            top.flaws()
                    .forEach(flaw -> lines.add("  ! " + flaw.problem().where() + ": "
                            + flaw.problem().why()));
            Judging judging = Judging.of(top);
            lines.add("  close "
                    + judging.closePairs().stream()
                            .map(pair -> pair.cloth() + "/" + pair.other() + " " + pair.units())
                            .toList());
            lines.add("  shared "
                    + judging.sharedCloths().stream()
                            .map(shared ->
                                    shared.cloth() + " " + shared.part().id().text() + " "
                                            + shared.other().id().text())
                            .toList());
            judging.oddOnes()
                    .forEach(odd -> lines.add("  odd " + odd.part().id().text() + ": " + odd.expected()));
        });
        Written.as("tops.txt", lines);
    }
}
