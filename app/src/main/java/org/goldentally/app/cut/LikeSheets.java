package org.goldentally.app.cut;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.app.cut.CutView.ClothSheet;
import org.goldentally.app.cut.CutView.SharedSheet;
import org.goldentally.app.cut.CutView.StackView;
import org.goldentally.core.problem.Known;

/**
 * Sheets of cloths that are cut alike, so that they share one.
 *
 * @param cloths in the order of the sheets; the first stands for all
 * @param stacks which of them are laid on one another
 */
public record LikeSheets(List<ClothSheet> cloths, List<StackView> stacks) {

    /** All sheets, those that are alike together. */
    public static List<LikeSheets> of(CutView cut) {
        Map<String, ClothSheet> sheets = byCloth(cut.cloths());
        return cut.shared().stream()
                .map(shared -> new LikeSheets(
                        shared.cloths().stream()
                                .map(cloth -> Known.of(sheets, cloth))
                                .toList(),
                        shared.stacks()))
                .toList();
    }

    /** What is cut at once, stack by stack. */
    static List<LikeSheets> stacks(List<ClothSheet> cloths, List<SharedSheet> shared) {
        Map<String, ClothSheet> sheets = byCloth(cloths);
        List<LikeSheets> stacks = new ArrayList<>();
        shared.forEach(each -> each.stacks()
                .forEach(stack -> stacks.add(new LikeSheets(
                        stack.cloths().stream()
                                .map(cloth -> Known.of(sheets, cloth))
                                .toList(),
                        List.of(stack)))));
        return stacks;
    }

    private static Map<String, ClothSheet> byCloth(List<ClothSheet> cloths) {
        Map<String, ClothSheet> sheets = new LinkedHashMap<>();
        cloths.forEach(sheet -> sheets.put(sheet.key(), sheet));
        return sheets;
    }

    /** The one whose sheet is shown for all. */
    public ClothSheet first() {
        return cloths.getFirst();
    }

    /** Whether no other cloth is cut like it. */
    public boolean isOne() {
        return cloths.size() == 1;
    }

    /** Whether this step is done on all of them. */
    public boolean isDone(int piece, int step) {
        return cloths.stream()
                .allMatch(cloth -> cloth.pieces().get(piece).steps().get(step).done());
    }

    /** Steps that are done on all of them. */
    int done() {
        int done = 0;
        for (int piece = 0; piece < first().pieces().size(); piece++) {
            for (int step = 0; step < first().pieces().get(piece).steps().size(); step++) {
                done += isDone(piece, step) ? 1 : 0;
            }
        }
        return done;
    }
}
