package org.goldentally.app.tally;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.goldentally.app.quilts.QuiltDesign;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.piecing.Allowance;
import org.goldentally.core.piecing.ClothRole;
import org.goldentally.core.piecing.Methods;
import org.goldentally.core.piecing.PatchworkUnit;
import org.goldentally.core.piecing.PiecingMethod;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.ShelfPieces;
import org.goldentally.core.tally.UnitTally;

/** Asks the core for every method and every school of allowance, and lays the answers side by side. */
class Tallying {

    TallyView tally(
            QuiltDesign design,
            Map<ClothRole, List<ShelfPieces>> pieces,
            Map<ClothRole, String> names,
            List<Problem> notices) {
        QuiltTop top = design.top();
        PatchworkUnit unit = top.unit();
        SewingSettings settings = top.settings();
        List<PiecingMethod> methods = Methods.FROM_PAIRS;
        PiecingMethod chosen = methods.stream()
                .filter(method -> method.key().equals(design.method()))
                .findFirst()
                .orElseThrow(() -> new RefusedException(new Problem(
                        "Method",
                        "“" + design.method() + "” is no way to make a " + unit.name(),
                        "choose one of "
                                + String.join(
                                        ", ",
                                        methods.stream().map(PiecingMethod::key).toList()))));
        LengthWriter writer = settings.system().writer();
        List<TallyView.MethodView> views = new ArrayList<>();
        for (PiecingMethod method : methods) {
            UnitTally tally = UnitTally.of(unit, top.unitCount(), method, settings, pieces, names);
            views.add(TallyView.method(tally, method == chosen, names));
        }
        List<TallyView.AllowanceView> allowances = new ArrayList<>();
        for (Allowance allowance : Allowance.values()) {
            UnitTally tally = UnitTally.of(unit, top.unitCount(), chosen, settings.with(allowance), pieces, names);
            allowances.add(
                    new TallyView.AllowanceView(allowance, allowance.label(), TallyView.method(tally, true, names)));
        }
        return new TallyView(
                settings.system().abbreviation(),
                unit.name(),
                writer.write(unit.finishedWidth()),
                writer.write(settings.unfinished(unit.finishedWidth())),
                top.unitCount(),
                views,
                allowances,
                notices);
    }
}
