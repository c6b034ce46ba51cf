package org.goldentally.core.plans;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Join;
import org.goldentally.core.design.BorderSideDesign.Side;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.FinishingDesign.Panels;
import org.goldentally.core.design.PlanDesign.CutSizeChoice;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.method.PiecingMethod;

/** What a plan may decide, each as a changed design; what the quilter decided by hand stays. */
final class PlanMoves {

    private PlanMoves() {}

    /** Everything that is open by its own best way, cut by the school of the quilt. */
    static QuiltDesign freed(QuiltDesign design) {
        return design.withMethods(
                        design.methods().stream().filter(MethodChoice::byHand).toList())
                .withPlan(design.plan()
                        .withCutSizes(design.plan().cutSizes().stream()
                                .filter(CutSizeChoice::byHand)
                                .toList()));
    }

    /** These groups made by one method; cut sizes that a plan chose for another method go. */
    static QuiltDesign by(QuiltDesign design, List<String> keys, PiecingMethod method) {
        Set<String> chosen = Set.copyOf(keys);
        List<MethodChoice> methods = new ArrayList<>(design.methods());
        methods.removeIf(choice -> chosen.contains(choice.units()));
        keys.forEach(key -> methods.add(new MethodChoice(key, method.key(), false)));
        List<CutSizeChoice> sizes = design.plan().cutSizes().stream()
                .filter(each -> each.byHand()
                        || !chosen.contains(each.units())
                        || each.method().equals(method.key()))
                .toList();
        return design.withMethods(methods).withPlan(design.plan().withCutSizes(sizes));
    }

    /** These groups, made by one method, cut to another size or by another school. */
    static QuiltDesign cut(QuiltDesign design, List<String> keys, PiecingMethod method, String typed) {
        Set<String> cut = Set.copyOf(keys);
        List<CutSizeChoice> sizes = new ArrayList<>(design.plan().cutSizes());
        sizes.removeIf(each ->
                !each.byHand() && cut.contains(each.units()) && each.method().equals(method.key()));
        keys.forEach(key -> sizes.add(new CutSizeChoice(key, method.key(), typed, false)));
        return design.withPlan(design.plan().withCutSizes(sizes));
    }

    /** Borders whose join was not chosen, joined in another way; a print with an up and a down is never turned by that. */
    static QuiltDesign joined(QuiltDesign design, QuiltDesign asDesigned, Join join) {
        List<BorderDesign> borders = new ArrayList<>(design.borders());
        for (int i = 0; i < borders.size(); i++) {
            BorderDesign border = asDesigned.borders().get(i);
            boolean chosen =
                    border.join() != Join.STRAIGHT || !border.sideJoins().isEmpty();
            if (!chosen && !(join == Join.ALONG_LENGTH && isDirectional(asDesigned, border))) {
                borders.set(i, borders.get(i).joined(join));
            }
        }
        return design.withBorders(borders);
    }

    private static boolean isDirectional(QuiltDesign design, BorderDesign border) {
        return Arrays.stream(Side.values())
                .anyMatch(side -> design.cloth(border.on(side).cloth())
                        .filter(ClothInHand::directional)
                        .isPresent());
    }

    /** The panels of the backing run some way, where nobody chose one. */
    static QuiltDesign backed(QuiltDesign design, Panels panels) {
        return design.withFinishing(design.finishing().withPanels(panels));
    }

    /** Plainly, but for cloths whose way of cutting was chosen. */
    static QuiltDesign plainly(QuiltDesign design) {
        return design.withPlan(design.plan()
                .withCutting(design.plan().cutting().stream()
                        .filter(choice -> !choice.cloth().isEmpty())
                        .toList()));
    }
}
