package org.goldentally.app.tally;

import java.util.List;
import java.util.Map;
import org.goldentally.app.tally.TallyView.SetView;
import org.goldentally.app.tally.TallyView.SpareView;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.sew.Batch;
import org.goldentally.core.sew.Batches;
import org.goldentally.core.tally.TopTally;

/** The making plan as shown: its sets by the names they have at the machine, and what they leave over. */
final class MakingViews {

    private MakingViews() {}

    static List<SetView> sets(TopTally tally, Map<String, Integer> clothPlaces) {
        return Batches.ofUnits(tally).stream()
                .flatMap(batch -> batch.set().stream().map(set -> set(batch, set, clothPlaces)))
                .toList();
    }

    private static SetView set(Batch batch, MadeSet set, Map<String, Integer> clothPlaces) {
        return new SetView(
                batch.title(),
                batch.subtitle(),
                set.runs() + " " + Recipe.counted(batch.setName(), set.runs()),
                set.made(),
                set.spare(),
                places(set.cloths(), clothPlaces));
    }

    static List<SpareView> spares(TopTally tally, Map<String, Integer> clothPlaces) {
        return tally.making().spares().stream()
                .map(spare -> new SpareView(spare.what(), places(spare.cloths(), clothPlaces), spare.count()))
                .toList();
    }

    private static List<Integer> places(List<String> cloths, Map<String, Integer> clothPlaces) {
        return cloths.stream().map(cloth -> clothPlaces.getOrDefault(cloth, -1)).toList();
    }
}
