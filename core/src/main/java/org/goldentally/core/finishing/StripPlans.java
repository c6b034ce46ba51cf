package org.goldentally.core.finishing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.cutting.CuttingRules;
import org.goldentally.core.cutting.JoinedStrips;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Join;
import org.goldentally.core.design.BorderSideDesign;
import org.goldentally.core.design.FinishingDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.finishing.BorderPrint.Lie;
import org.goldentally.core.finishing.StripPlan.Kind;
import org.goldentally.core.finishing.StripPlan.Side;
import org.goldentally.core.finishing.StripPlan.Source;
import org.goldentally.core.formula.Expression;
import org.goldentally.core.formula.Factor;
import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Formula;
import org.goldentally.core.formula.Input;
import org.goldentally.core.formula.Working;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.Use;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.quilt.PartId;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.quilt.TopPart;

/**
 * How the long strips of a top come about: sashing, borders, binding and backing.
 *
 * <ul>
 *   <li>Strips that fit the width of the cloth are cut in one piece, so that no join falls in a short one; those of a
 *       border, or of the sashing, that are longer are cut from one run of joined strips ({@link JoinedStrips}). What is
 *       left at the end of the run, all of it one strip, gives short ones first.
 *   <li>Each side of a border may be joined otherwise, or cut along the length of the cloth ({@link BorderPrint}).
 *   <li>Border strips are cut over-length, to be trimmed to what the top really measures; where only that would want a
 *       join they are cut exactly, and the card says so.
 *   <li>A mitred strip reaches over the corners: it is cut the outer finished side and {@code a·(2 + 2·√2)} long for a
 *       seam allowance {@code a} (geometry): the mitre runs at 45° through the corner, and its allowance reaches
 *       {@code a·√2} further at each end than that of a square end.
 *   <li>Along the length of the cloth nothing is joined.
 * </ul>
 */
public final class StripPlans {

    private final QuiltTop top;
    private final QuiltDesign design;
    private final SewingSettings settings;
    private final LengthWriter writer;
    private final UsualSizes usual;
    private final Function<String, Length> widthOf;
    private final CuttingRules rules;

    /** By the rules of now. */
    public StripPlans(QuiltTop top, ReadDesign design, Function<String, Length> widthOf) {
        this(top, design, widthOf, CuttingRules.NOW);
    }

    /** @param widthOf how wide a cloth is, by its key */
    public StripPlans(QuiltTop top, ReadDesign design, Function<String, Length> widthOf, CuttingRules rules) {
        this.rules = rules;
        this.top = top;
        this.design = design.typed();
        this.settings = top.settings();
        this.writer = this.design.system().writer();
        this.usual = UsualSizes.of(this.design.system());
        this.widthOf = widthOf;
    }

    private static final Expression OUTER = Expression.figure(Input.OUTER_SIDE);
    private static final Expression SEAM = Expression.figure(Input.SEAM);

    static final Formula STRAIGHT_STRIP =
            Formula.cut("strip of a border or of sashing, length", OUTER.plus(SEAM.times(2)));

    /** Its outer corner lies a seam, and a seam's diagonal, beyond the finished one at either end. */
    static final Formula MITRED_STRIP =
            Formula.cut("mitred strip, length", OUTER.plus(SEAM.times(Factor.TWO_AND_TWO_ROOTS)));

    /** A border's number from 0, or sashing; with the cloth and width, what is cut from one run. */
    private record Run(int border, String cloth, Length finishedWidth, boolean mitred) {
        boolean isBorder() {
            return border >= 0;
        }
    }

    /** Sashing and plain borders, in the order of their counts. */
    public List<StripPlan> of(TopCount count) {
        Map<Run, List<TopCount.Group>> runs = new LinkedHashMap<>();
        for (TopCount.Group group : count.strips()) {
            TopPart first = top.part(group.partIds().getFirst()).orElseThrow();
            Run run = new Run(
                    first.border(),
                    group.cloths().getFirst(),
                    group.unit().finishedHeight(),
                    first.kind() == TopPart.Kind.MITRED_BORDER);
            runs.computeIfAbsent(run, any -> new ArrayList<>()).add(group);
        }
        List<StripPlan> plans = new ArrayList<>();
        runs.forEach((run, groups) -> plans.add(plan(run, groups)));
        return plans;
    }

    /**
     * Strips of a group that come about alike.
     *
     * @param on the sides they are for, where others of the border are cut otherwise or show the print otherwise
     */
    private record Alike(TopCount.Group group, long count, Join join, List<BorderSideDesign.Side> on, Lie lie) {}

    private StripPlan plan(Run run, List<TopCount.Group> groups) {
        Length width = widthOf.apply(run.cloth);
        Length cutWidth = settings.unfinished(run.finishedWidth).roundedUpTo(settings.grid());
        List<Side> sides = groups.stream()
                .sorted(Comparator.comparing(
                                (TopCount.Group group) -> group.unit().finishedWidth())
                        .reversed())
                .flatMap(group -> alike(run, group).stream())
                .map(alike -> side(run, alike, width))
                .toList();
        JoinedStrips joined = runOf(run, cutWidth, width);
        sides = rules == CuttingRules.NOW ? fromTheEndOfTheRun(sides, joined) : allFromTheRun(run, sides);
        List<Use> uses = groups.stream()
                .map(group -> (Use) new Use.ForStrips(group.key()))
                .toList();
        StripPlan plan = new StripPlan(
                run.isBorder() ? Kind.BORDER : Kind.SASHING,
                uses,
                label(run),
                run.cloth,
                sides,
                cutWidth,
                List.of(),
                new Working(label(run), said(sides)));
        return cut(plan, joined, width);
    }

    /** How a side is cut, and how an up and a down of its print comes to lie. */
    private record How(Join join, Lie lie, boolean toBeSaid) {}

    /** The strips of a group by how they are cut; borders that have a side alike may be in one group. */
    private List<Alike> alike(Run run, TopCount.Group group) {
        if (!run.isBorder()) {
            return List.of(new Alike(group, group.count(), Join.STRAIGHT, List.of(), Lie.ANY));
        }
        Map<How, List<BorderSideDesign.Side>> sides = new LinkedHashMap<>();
        long all = 0;
        for (PartId part : group.partIds()) {
            if (part instanceof PartId.BorderSide(int number, int sideNumber)) {
                BorderDesign border = design.borders().get(number - 1);
                BorderSideDesign.Side side = BorderSideDesign.Side.of(sideNumber);
                BorderPrint print = BorderPrint.of(border, run.cloth, design);
                How how = new How(
                        border.joinOn(side), print.on(side), !border.sideJoins().isEmpty() || print.matters());
                sides.computeIfAbsent(how, any -> new ArrayList<>()).add(side);
                all++;
            }
        }
        // Several tops are as many strips of each side.
        long tops = group.count() / Math.max(1, all);
        List<Alike> alike = new ArrayList<>();
        sides.forEach((how, those) -> alike.add(new Alike(
                group,
                those.size() * tops,
                how.join,
                how.toBeSaid ? those.stream().distinct().sorted().toList() : List.of(),
                how.lie)));
        return alike;
    }

    /** As it was: where one side is joined all are, and all of a border are cut over-length then. */
    private List<Side> allFromTheRun(Run run, List<Side> sides) {
        if (sides.stream().noneMatch(side -> side.source() == Source.RUN)) {
            return sides;
        }
        Length over = run.isBorder() ? usual.overLength() : Length.ZERO;
        return sides.stream()
                .map(side -> new Side(
                        side.count(),
                        side.trimmedLength().plus(over),
                        side.trimmedLength(),
                        Source.RUN,
                        side.on(),
                        side.lie()))
                .toList();
    }

    /** Short sides that the end of the run's last strip gives whole. */
    private static List<Side> fromTheEndOfTheRun(List<Side> sides, JoinedStrips joined) {
        Length all = inTheRun(sides);
        Length left = joined.reach(joined.stripsFor(all)).minus(all);
        List<Side> taken = new ArrayList<>();
        for (Side side : sides) {
            long fit = side.source() == Source.ACROSS && all.isPositive()
                    ? Math.min(side.count(), left.wholeTimes(side.cutLength()))
                    : 0;
            if (fit > 0) {
                taken.add(side.from(fit, Source.END_OF_RUN));
                left = left.minus(side.cutLength().times(fit));
            }
            if (fit < side.count()) {
                taken.add(side.from(side.count() - fit, side.source()));
            }
        }
        return taken;
    }

    private static Length inTheRun(List<Side> sides) {
        return sides.stream()
                .filter(side -> side.source() == Source.RUN)
                .map(side -> side.cutLength().times(side.count()))
                .reduce(Length.ZERO, Length::plus);
    }

    /** What is cut of the cloth: strips for the run, and the rest in one piece each. */
    private StripPlan cut(StripPlan plan, JoinedStrips joined, Length width) {
        List<ClothCut> cuts = new ArrayList<>();
        List<String> how = new ArrayList<>();
        Length all = inTheRun(plan.sides());
        if (all.isPositive()) {
            long strips = joined.stripsFor(all);
            cuts.add(cut(plan, CutSize.rectangle(width, plan.cutWidth()), strips));
            how.add(said(from(plan, Source.RUN)) + " = " + writer.write(all)
                    + " in one run; strips across the width give " + writer.write(width) + ", less "
                    + writer.write(joined.loss()) + " at each "
                    + (joined.loss().equals(settings.seamAllowance().times(2)) ? "straight" : "diagonal") + " join: "
                    + strips + " strips reach "
                    + writer.write(joined.reach(strips)));
        }
        for (Side side : from(plan, Source.ACROSS)) {
            cuts.add(cut(plan, CutSize.rectangle(side.cutLength(), plan.cutWidth()), side.count()));
        }
        for (Side side : from(plan, Source.ALONG)) {
            cuts.add(cut(plan, new CutSize(plan.cutWidth(), side.cutLength(), false), side.count()));
        }
        say(from(plan, Source.END_OF_RUN), ", from the end of the run, without a join", how);
        say(from(plan, Source.ACROSS), ", cut in one piece across the width", how);
        say(from(plan, Source.ALONG), ", cut in one piece along the length of the fabric, without a join", how);
        return plan.with(cuts, new Working(plan.label(), String.join("; ", how)));
    }

    private static ClothCut cut(StripPlan plan, CutSize size, long count) {
        return new ClothCut(plan.cloth(), size, "strip", count, plan.uses(), plan.label());
    }

    private void say(List<Side> sides, String what, List<String> how) {
        if (!sides.isEmpty()) {
            how.add(said(sides) + what);
        }
    }

    private static List<Side> from(StripPlan plan, Source source) {
        return plan.sides().stream().filter(side -> side.source() == source).toList();
    }

    private String label(Run run) {
        String what = run.isBorder()
                ? (run.mitred ? "mitred border" : "border") + " " + (run.border + 1) + " strips"
                : "sashing strips";
        return what + ", " + writer.writeWithUnit(run.finishedWidth) + " finished";
    }

    private String said(List<Side> sides) {
        return String.join(
                " and ",
                sides.stream()
                        .map(side -> side.count() + " of " + writer.writeWithUnit(side.cutLength())
                                + (side.where().isEmpty() ? "" : " " + side.where())
                                + (side.isOverLength()
                                        ? " (over-length, trimmed to " + writer.write(side.trimmedLength()) + ")"
                                        : ""))
                        .toList());
    }

    /** What a strip is trimmed to: with its seam allowances, and over the corners where it is mitred. */
    private Length exact(Run run, TopCount.Group group) {
        Figures figures =
                Figures.of(Input.OUTER_SIDE, group.unit().finishedWidth()).and(Input.SEAM, settings.seamAllowance());
        return (run.mitred ? MITRED_STRIP : STRAIGHT_STRIP).onRuler(figures, Length.ZERO, settings.grid());
    }

    /** Only what is longer than the cloth is wide is joined; over-length is left where only that would want a join. */
    private Side side(Run run, Alike alike, Length width) {
        Length exact = exact(run, alike.group);
        Length longer = exact.plus(usual.overLength());
        Source source =
                alike.join == Join.ALONG_LENGTH ? Source.ALONG : exact.isLongerThan(width) ? Source.RUN : Source.ACROSS;
        boolean fits = source != Source.ACROSS || !longer.isLongerThan(width);
        return new Side(alike.count, run.isBorder() && fits ? longer : exact, exact, source, alike.on, alike.lie);
    }

    /** A run is joined as most of its border says; strips nearly as wide as the cloth leave nothing for diagonal joins. */
    private JoinedStrips runOf(Run run, Length cutWidth, Length width) {
        boolean diagonal = run.isBorder()
                && Arrays.stream(BorderSideDesign.Side.values())
                        .map(side -> design.borders().get(run.border).joinOn(side))
                        .filter(join -> join != Join.ALONG_LENGTH)
                        .findFirst()
                        .filter(join -> join == Join.DIAGONAL)
                        .isPresent();
        return diagonal && !cutWidth.times(2).isLongerThan(width)
                ? JoinedStrips.diagonal(width, cutWidth)
                : JoinedStrips.straight(width, settings.seamAllowance());
    }

    /** Strips of the binding, joined on the diagonal. */
    public static StripPlan binding(Finishing.Binding binding, FinishingDesign design) {
        CutSize size = CutSize.rectangle(binding.widthOfFabric(), binding.stripWidth());
        ClothCut cut =
                new ClothCut(design.bindingCloth(), size, "strip", binding.strips(), Use.Finish.BINDING, "binding");
        return new StripPlan(
                Kind.BINDING,
                List.of(Use.Finish.BINDING),
                "binding",
                design.bindingCloth(),
                List.of(new Side(1, binding.length(), binding.length(), Source.RUN, List.of(), Lie.ANY)),
                binding.stripWidth(),
                List.of(cut),
                binding.working());
    }

    /** Panels of the backing, which are as wide as their cloth; empty where its cloth is not chosen. */
    public static Optional<StripPlan> backing(Finishing.Backing backing, FinishingDesign design) {
        if (design.backingCloth().isEmpty()) {
            return Optional.empty();
        }
        CutSize size = new CutSize(backing.widthOfFabric(), backing.panelLength(), false);
        ClothCut cut =
                new ClothCut(design.backingCloth(), size, "panel", backing.panels(), Use.Finish.BACKING, "backing");
        Working working = new Working("backing", backing.panels() + " side by side, each a whole length of the fabric");
        return Optional.of(new StripPlan(
                Kind.BACKING,
                List.of(Use.Finish.BACKING),
                "backing",
                design.backingCloth(),
                List.of(new Side(backing.panels(), backing.panelLength(), backing.panelLength())),
                backing.widthOfFabric(),
                List.of(cut),
                working));
    }
}
