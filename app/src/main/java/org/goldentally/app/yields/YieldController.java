package org.goldentally.app.yields;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.goldentally.app.drawing.StepView;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.formula.Working;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.Methods;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.method.SeamCheck;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.step.MakingSteps;
import org.goldentally.core.unit.Countable;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.UnitKind;
import org.goldentally.core.yields.SameArea;
import org.goldentally.core.yields.YieldEngine;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Stateless answers: what does this piece give, what do I need, how is it made, does my seam do. */
@RestController
@RequestMapping("/api/yields")
class YieldController {

    /** Larger units are typed, not slid to. */
    private static final Length LARGEST_ON_THE_SLIDER = Length.inches(24);

    private final YieldEngine engine = new YieldEngine();

    /**
     * A kind of unit, and what is typed of it.
     *
     * @param countLabel what it has a number of; empty where nothing is counted
     * @param counts the numbers to choose from
     */
    record KindView(
            UnitKind kind,
            String label,
            String sizeLabel,
            String countLabel,
            List<Integer> counts,
            boolean hasHeight,
            boolean hasCorner) {}

    /**
     * How the yield of each method falls as the unit grows.
     *
     * @param sizes finished sizes on the ruler's grid, from small to large
     */
    record Limits(List<String> sizes, List<LimitsOf> methods) {}

    /** Units from one piece of each cloth, for each of the sizes. */
    record LimitsOf(String method, List<Long> units) {}

    record StepsQuestion(
            @NotNull @Valid YieldQuestion question,
            @NotNull @Size(max = 40) String method,
            @NotNull Habits.Marking marking,
            @NotNull Habits.Pressing pressing) {}

    record SeamQuestion(
            @NotNull SeamCheck.TestPiece testPiece,
            @NotNull @Size(max = 40) String cutWidth,
            @NotNull @Size(max = 40) String measured,
            @NotNull @Valid YieldQuestion question) {}

    record SeamAnswer(String seam, Working working, List<SeamVerdict> verdicts) {}

    /** Whether the units of a method still reach their trimmed size with the seam really sewn, and what to change. */
    record SeamVerdict(String method, boolean reaches, String says) {}

    record ChartQuestion(
            @NotNull @Valid YieldQuestion question,
            @NotNull @Size(min = 1, max = 60) List<@Size(max = 40) String> sizes) {}

    record Chart(String unit, String unitOfLength, List<String> methods, List<ChartRow> rows) {}

    /** Finished and trimmed size, and the sizes to cut by each method. */
    record ChartRow(String finished, String trimmed, List<String> cuts) {}

    /**
     * Units of this size, and as many of them as typed; or as many as cover a top of these sides, where both are typed.
     *
     * @param units a whole number
     */
    record CoverQuestion(
            @NotNull MeasureSystem system,
            @NotNull @Valid YieldQuestion.UnitTyped unit,
            @NotNull @Size(max = 40) String units,
            @NotNull @Size(max = 40) String width,
            @NotNull @Size(max = 40) String height) {}

    /** So many units of a size, finished; asked is the size that was typed. */
    record CoverRow(String size, long units, boolean asked) {}

    private static final int MOST_UNITS = 100_000;

    @GetMapping("/units")
    List<KindView> units() {
        return Arrays.stream(UnitKind.values())
                .filter(UnitKind::standsAlone)
                .map(kind -> new KindView(
                        kind,
                        kind.label().substring(0, 1).toUpperCase(Locale.ROOT)
                                + kind.label().substring(1),
                        kind.sizeLabel(),
                        kind.counted().map(Countable::label).orElse(""),
                        kind.counted().map(Countable::counts).orElse(List.of()),
                        kind.hasHeight(),
                        kind.hasCorner()))
                .toList();
    }

    @PostMapping
    YieldView yields(@Valid @RequestBody YieldQuestion question) {
        SewingSettings settings = question.settings().read();
        PatchworkUnit unit = question.unit().read(settings.system());
        ShelfLine line = question.readLine();
        ClothPiece piece = line.piece();
        return YieldView.of(
                piece,
                line.count(),
                unit,
                settings,
                engine.ask(piece, unit, settings),
                method -> engine.largestNamedSize(piece, unit, method, settings),
                question.wanted());
    }

    /** The yield of each method at every size on the ruler's grid, up to the largest that the piece gives. */
    @PostMapping("/limits")
    Limits limits(@Valid @RequestBody YieldQuestion question) {
        SewingSettings settings = question.settings().read();
        PatchworkUnit unit = question.unit().read(settings.system());
        ClothPiece piece = question.readPiece();
        List<PiecingMethod> methods = Methods.making(unit);
        Length largest = methods.stream()
                .flatMap(method -> engine.largestNamedSize(piece, unit, method, settings).stream())
                .max(Length::compareTo)
                .orElse(unit.namedSize());
        List<Length> sizes = engine.sizesUpTo(Length.min(largest, LARGEST_ON_THE_SLIDER), settings);
        return new Limits(
                sizes.stream().map(settings.system().writer()::write).toList(),
                methods.stream()
                        .map(method -> new LimitsOf(
                                method.key(),
                                sizes.stream()
                                        .map(size -> engine.units(piece, unit.resized(size), method, settings))
                                        .toList()))
                        .toList());
    }

    @PostMapping("/steps")
    List<StepView> steps(@Valid @RequestBody StepsQuestion asked) {
        SewingSettings settings = asked.question().settings().read();
        PatchworkUnit unit = asked.question().unit().read(settings.system());
        PiecingMethod method = Methods.making(unit).stream()
                .filter(each -> each.key().equals(asked.method()))
                .findFirst()
                .orElseThrow(() -> new RefusedException(new Problem(
                        "Method",
                        "“" + asked.method() + "” is no way to make a " + unit.name(),
                        "choose one of "
                                + String.join(
                                        ", ",
                                        Methods.making(unit).stream()
                                                .map(PiecingMethod::key)
                                                .toList()))));
        Recipe recipe = method.recipe(unit, settings, asked.question().readPiece());
        return MakingSteps.of(method, unit, recipe, settings, new Habits(asked.marking(), asked.pressing())).stream()
                .map(step -> StepView.of(step, settings.system()))
                .toList();
    }

    @PostMapping("/seam-check")
    SeamAnswer seamCheck(@Valid @RequestBody SeamQuestion asked) {
        SewingSettings settings = asked.question().settings().read();
        PatchworkUnit unit = asked.question().unit().read(settings.system());
        ClothPiece piece = asked.question().readPiece();
        SeamCheck check = SeamCheck.read(asked.testPiece(), asked.cutWidth(), asked.measured(), settings.system())
                .orThrow();
        LengthWriter writer = settings.system().writer();
        return new SeamAnswer(
                writer.writeDecimal(check.seam()) + " " + settings.system().abbreviation(),
                check.working(settings.system()),
                Methods.making(unit).stream()
                        .map(method -> verdict(method, method.recipe(unit, settings, piece), check, settings))
                        .toList());
    }

    private static SeamVerdict verdict(PiecingMethod method, Recipe recipe, SeamCheck check, SewingSettings settings) {
        return new SeamVerdict(
                method.displayName(), check.reachesTrimmedSize(recipe, settings), check.advice(recipe, settings));
    }

    /** How many units of other sizes cover the same area. */
    @PostMapping("/cover")
    List<CoverRow> cover(@Valid @RequestBody CoverQuestion asked) {
        MeasureSystem system = asked.system();
        PatchworkUnit unit = asked.unit().read(system);
        SameArea same = asked.width().isBlank() && asked.height().isBlank()
                ? SameArea.asMuchAs(units(asked.units()), unit)
                : new SameArea(
                        unit,
                        LengthReader.readPositive("Width of the top", asked.width(), system)
                                .orThrow()
                                .times(LengthReader.readPositive("Height of the top", asked.height(), system)
                                        .orThrow()));
        return same.rows(system).stream()
                .map(row -> new CoverRow(
                        system.writer().write(row.namedSize()),
                        row.units(),
                        row.namedSize().equals(unit.namedSize())))
                .toList();
    }

    private static long units(String typed) {
        String digits = typed.strip().replace(",", "");
        if (digits.matches("[1-9][0-9]{0,5}") && Long.parseLong(digits) <= MOST_UNITS) {
            return Long.parseLong(digits);
        }
        throw new RefusedException(new Problem(
                "How many units",
                typed.isBlank() ? "nothing is typed here" : "“" + typed.strip() + "” is no number of units",
                "type a whole number up to 100,000, such as 800, or the size of a top"));
    }

    @PostMapping("/chart")
    Chart chart(@Valid @RequestBody ChartQuestion asked) {
        SewingSettings settings = asked.question().settings().read();
        PatchworkUnit named = asked.question().unit().read(settings.system());
        ClothPiece piece = asked.question().readPiece();
        LengthWriter writer = settings.system().writer();
        List<PiecingMethod> methods = Methods.making(named);
        List<ChartRow> rows = new ArrayList<>();
        for (int i = 0; i < asked.sizes().size(); i++) {
            Length size = LengthReader.readPositive(
                            "Chart, row " + (i + 1), asked.sizes().get(i), settings.system())
                    .orThrow();
            PatchworkUnit unit = named.resized(size);
            rows.add(new ChartRow(
                    writer.write(size),
                    unit.isTriangle() ? "–" : writer.write(settings.unfinished(size)),
                    methods.stream()
                            .map(method -> String.join(
                                    " and ",
                                    method.recipe(unit, settings, piece).sizesToCut().stream()
                                            .map(writer::write)
                                            .toList()))
                            .toList()));
        }
        return new Chart(
                named.name(),
                settings.system().abbreviation(),
                methods.stream().map(PiecingMethod::displayName).toList(),
                rows);
    }
}
