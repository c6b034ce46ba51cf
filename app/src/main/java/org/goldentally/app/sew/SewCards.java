package org.goldentally.app.sew;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.goldentally.app.drawing.SvgNumbers;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.sew.CardView.CheckView;
import org.goldentally.app.sew.CardView.LogLine;
import org.goldentally.app.sew.SewView.BatchView;
import org.goldentally.app.sew.SewView.PaceView;
import org.goldentally.app.sew.SewView.SewnUnit;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.quilt.PartId;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.sew.Batch;
import org.goldentally.core.sew.BatchKey;
import org.goldentally.core.sew.Batches;
import org.goldentally.core.sew.BenchState;
import org.goldentally.core.sew.CardChecks;
import org.goldentally.core.sew.LogEntry;
import org.goldentally.core.sew.Mishap;
import org.goldentally.core.sew.Pace;
import org.goldentally.core.sew.PaceInWords;
import org.goldentally.core.sew.RestOfBatch;
import org.goldentally.core.sew.StripSteps;
import org.goldentally.core.sew.WaysOut;
import org.goldentally.core.step.Step;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.unit.UnitDrawing;

/** Batches and their cards, from the tally of a quilt and its log. */
final class SewCards {

    private final TopTally tally;
    private final QuiltDesign design;
    private final LengthWriter writer;
    /** More taps than anybody makes before an answer is here. */
    private static final int NEWEST = 100;

    private final List<LogEntry> log;
    private final BenchState state;
    private final List<Batch> batches;
    private final Pace pace;
    private final Map<String, Integer> clothPlaces = new LinkedHashMap<>();
    private final BatchLayouts layouts;

    SewCards(TopTally tally, List<LogEntry> log, Pressings pressings) {
        this.tally = tally;
        this.design = tally.top().design();
        this.writer = design.system().writer();
        this.log = log;
        this.state = BenchState.of(log);
        this.batches = Batches.of(tally);
        this.pace = Pace.of(state, batches);
        for (ClothInHand cloth : design.cloths()) {
            clothPlaces.putIfAbsent(cloth.key(), clothPlaces.size());
        }
        this.layouts = new BatchLayouts(tally.top(), writer, clothPlaces, () -> pressings.of(tally.top()));
    }

    Batch batch(String key) {
        return batches.stream()
                .filter(batch -> batch.key().inLog().contains(key))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("Batch"));
    }

    List<Batch> batches() {
        return batches;
    }

    /** @param hoursAWeek 0 where the quilter did not say; {@code by} likewise empty */
    SewView view(double hoursAWeek, Optional<LocalDate> by, LocalDate today) {
        List<BatchView> views = views();
        SewProgress.Made made = SewProgress.Made.of(views);
        return new SewView(
                design.system().abbreviation(),
                views,
                made.made(),
                made.needed(),
                design.plan().marking(),
                design.plan().pressing(),
                pace(new PaceInWords(pace, pace.rest(state, batches)), hoursAWeek, by, today),
                tapsElsewhere(),
                log.subList(Math.max(0, log.size() - NEWEST), log.size()).stream()
                        .map(LogEntry::id)
                        .toList());
    }

    private List<BatchView> views() {
        return batches.stream().map(this::view).toList();
    }

    SewProgress.Made made() {
        return SewProgress.Made.of(views());
    }

    private int tapsElsewhere() {
        Set<String> keys = new HashSet<>();
        batches.forEach(batch -> keys.addAll(batch.key().inLog()));
        return (int) state.standing().stream()
                .filter(entry -> entry.kind() != LogEntry.Kind.CUT && !keys.contains(entry.batch()))
                .count();
    }

    private BatchView view(Batch batch) {
        BenchState.Counts counts = state.of(batch.key());
        return new BatchView(
                batch.key().text(),
                batch.kind(),
                batch.run(),
                batch.title(),
                batch.subtitle(),
                batch.line(),
                batch.needed(),
                batch.perSet(),
                Recipe.counted(batch.setName(), 1),
                batch.hands().differ(),
                counts.setsMade(),
                counts.setsSpoiled(),
                counts.spoiled(),
                counts.good(),
                batch.setsLeft(counts),
                batch.setsBeyondPlan(counts),
                batch.plan().map(plan -> plan.key().choice()).orElse(""),
                batch.plan()
                        .map(plan ->
                                (batch.setsPlanned() + batch.setsBeyondPlan(counts)) * batch.perSet() - plan.needed())
                        .orElse(0L),
                batch.set().map(this::picture).orElse(SewnUnit.NONE));
    }

    private SewnUnit picture(MadeSet set) {
        return switch (set) {
            case MadeSet.Whole whole ->
                picture(whole.plan().unit(), whole.plan().cloths());
            case MadeSet.Single single ->
                picture(single.plan().unit(), single.plan().cloths());
            case MadeSet.Crossed crossed ->
                picture(crossed.plan().unit(), crossed.plan().cloths());
            case MadeSet.Halves halves ->
                picture(
                        new HalfSquareTriangleUnit(halves.plan().unit().finishedWidth()),
                        List.of(halves.half().one(), halves.half().other()));
            case MadeSet.Joined joined ->
                picture(joined.unit(), joined.squares().subList(0, 2));
        };
    }

    private SewnUnit picture(PatchworkUnit unit, List<String> cloths) {
        return new SewnUnit(
                unit.finishedWidth().toDoubleInches(),
                unit.finishedHeight().toDoubleInches(),
                UnitDrawing.of(unit).stream()
                        .map(patch -> SvgNumbers.points(patch.outline()))
                        .toList(),
                places(cloths));
    }

    private List<Integer> places(List<String> cloths) {
        return cloths.stream().map(cloth -> clothPlaces.getOrDefault(cloth, -1)).toList();
    }

    /** The squares of a chain in their order; nothing for any other batch. */
    private List<Integer> chain(Batch batch) {
        return batch.set().filter(MadeSet.Joined.class::isInstance).stream()
                .map(MadeSet.Joined.class::cast)
                .flatMap(joined -> places(joined.squares()).stream())
                .toList();
    }

    CardView card(String key) {
        Batch batch = batch(key);
        BenchState.Counts counts = state.of(batch.key());
        WaysOut out = WaysOut.of(batch, counts, tally);
        Optional<TopPart> home = home(batch);
        CardSteps steps = new CardSteps(tally, clothPlaces);
        List<Step> ofOne = batch.set().map(steps::of).orElse(List.of());
        return new CardView(
                batch.key().text(),
                steps.views(ofOne),
                RestOfBatch.of(batch, ofOne, design.plan().habits()),
                Mishap.of(batch, ofOne, tally.top().settings()),
                new StripSteps(tally).of(batch),
                batch.set().map(steps::roles).orElse(List.of()),
                chain(batch),
                new CardChecks(tally)
                        .of(batch).stream()
                                .map(check -> new CheckView(check.what(), check.size()))
                                .toList(),
                batch.set().map(set -> set.recipe().sewing().edges().handling()).orElse(""),
                left(batch, counts, out),
                out.covered(),
                out.ways(),
                batch.kind() == Batch.Kind.SASHING || batch.kind() == Batch.Kind.BORDER
                        ? new StripSteps(tally)
                                .rows(batch).stream().map(layouts::of).toList()
                        : layouts.of(batch, home),
                batch.set()
                        .flatMap(set -> home.map(part -> layouts.lit(set, part)))
                        .orElse(List.of()),
                batch.partIds().stream().map(PartId::text).toList(),
                lines(batch.key()));
    }

    private List<String> left(Batch batch, BenchState.Counts counts, WaysOut out) {
        List<String> said = new ArrayList<>();
        long sets = batch.setsLeft(counts);
        String sort = Recipe.counted(batch.setName(), 1);
        if (sets == 0) {
            long spare = counts.good() - batch.needed();
            said.add("All " + batch.needed() + " are made" + (spare > 0 ? ", and " + spare + " spare." : "."));
        } else {
            said.add("Left to do: " + sets + " " + Recipe.counted(batch.setName(), sets)
                    + (batch.perSet() > 1 ? ", " + things(batch, Math.max(0, batch.needed() - counts.good())) : "."));
        }
        if (batch.set().isPresent() && sets > 0) {
            if (out.beyondPlan() > 0) {
                said.add(out.beyondPlan() + " more " + Recipe.counted(batch.setName(), out.beyondPlan())
                        + " than fabric is cut for" + (out.covered() ? "; the leftovers cover it." : "."));
            } else {
                said.add(
                        out.mayGoWrong() == 0
                                ? "The fabric is just enough: none is left over to cut another of."
                                : "The fabric still covers " + out.mayGoWrong() + " more that go"
                                        + (out.mayGoWrong() == 1 ? "es" : "") + " wrong.");
            }
        }
        Double minutes = pace.usual().get(batch.kind());
        if (minutes != null && sets > 0) {
            said.add("At your pace, " + PaceInWords.minutes(minutes) + " a " + sort + ", that is about "
                    + PaceInWords.hours(minutes * sets / 60) + ".");
        }
        return said;
    }

    private static String things(Batch batch, long count) {
        boolean halves = batch.kind() == Batch.Kind.HALVES;
        return count + (halves ? count == 1 ? " half." : " halves." : count == 1 ? " unit." : " units.");
    }

    /** The block that shows where a unit sits: the first that has it. */
    private Optional<TopPart> home(Batch batch) {
        Set<PartId> ids = new HashSet<>(batch.partIds());
        return tally.top().parts().stream()
                .filter(part -> ids.contains(part.id()))
                .filter(part -> part.isBlock() && !part.blockKey().isEmpty())
                .findFirst();
    }

    private List<LogLine> lines(BatchKey batch) {
        Set<String> keys = batch.inLog();
        Set<UUID> standing = new HashSet<>();
        state.standing(batch).forEach(entry -> standing.add(entry.id()));
        List<LogLine> lines = new ArrayList<>();
        for (LogEntry entry : log) {
            if (keys.contains(entry.batch()) && entry.kind() != LogEntry.Kind.TAKE_BACK) {
                lines.add(
                        new LogLine(entry.id(), entry.at(), entry.kind(), say(entry), !standing.contains(entry.id())));
            }
        }
        return lines.reversed();
    }

    private static String say(LogEntry entry) {
        return switch (entry.kind()) {
            case SET_MADE -> made(entry);
            case UNIT_SPOILED ->
                entry.units() > 1
                        ? entry.units() + " units spoiled"
                        : "one " + (entry.hand().isEmpty() ? "" : entry.hand() + "-hand ") + "unit spoiled";
            case SET_SPOILED -> entry.times() > 1 ? entry.times() + " whole sets spoiled" : "a whole set spoiled";
            case CUT -> "cut";
            case PUT_AWAY -> "put away";
            case NOTE -> entry.text();
            case MEASURE -> "measured " + entry.text();
            case TAKE_BACK -> "taken back";
        };
    }

    private static String made(LogEntry entry) {
        String spoiled = entry.spoiled() == 0 ? "" : ", " + entry.spoiled() + " of them spoiled";
        if (entry.times() == 1) {
            return (entry.units() == 1 ? "one made" : "one set made, " + entry.units() + " units") + spoiled;
        }
        return entry.times()
                + (entry.units() == entry.times() ? " made" : " sets made, " + entry.units() + " units")
                + spoiled;
    }

    private static PaceView pace(PaceInWords words, double hoursAWeek, Optional<LocalDate> by, LocalDate today) {
        return new PaceView(
                words.paces(),
                words.left(),
                words.rest().usualMinutes() / 60,
                words.rest().slowMinutes() / 60,
                words.schedule(hoursAWeek, by, today));
    }
}
