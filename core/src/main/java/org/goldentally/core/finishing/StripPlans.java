package org.goldentally.core.finishing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.cutting.JoinedStrips;
import org.goldentally.core.design.BorderDesign.Join;
import org.goldentally.core.design.FinishingDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.finishing.StripPlan.Kind;
import org.goldentally.core.finishing.StripPlan.Side;
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
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.quilt.TopPart;

/**
 * How the long strips of a top come about: sashing, borders, binding and backing.
 *
 * <ul>
 *   <li>Strips that fit the width of the cloth are cut in one piece; where one of a border, or of the sashing, is longer,
 *       all of it is cut from one run of joined strips ({@link JoinedStrips}), long and short sides together.
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

    /** @param widthOf how wide a cloth is, by its key */
    public StripPlans(QuiltTop top, ReadDesign design, Function<String, Length> widthOf) {
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

    private StripPlan plan(Run run, List<TopCount.Group> groups) {
        Length width = widthOf.apply(run.cloth);
        Length cutWidth = settings.unfinished(run.finishedWidth).roundedUpTo(settings.grid());
        Join join = join(run, cutWidth, width);
        List<TopCount.Group> longestFirst = groups.stream()
                .sorted(Comparator.comparing(
                                (TopCount.Group group) -> group.unit().finishedWidth())
                        .reversed())
                .toList();
        boolean joined = join != Join.ALONG_LENGTH
                && longestFirst.stream().anyMatch(group -> exact(run, group).isLongerThan(width));
        List<Side> sides = longestFirst.stream()
                .map(group -> side(run, group, join, joined, width))
                .toList();
        String label = label(run);
        List<Use> uses = groups.stream()
                .map(group -> (Use) new Use.ForStrips(group.key()))
                .toList();
        StripPlan plan = new StripPlan(
                run.isBorder() ? Kind.BORDER : Kind.SASHING,
                uses,
                label,
                run.cloth,
                sides,
                cutWidth,
                joined,
                List.of(),
                new Working(label, said(sides)));
        return joined ? inOneRun(plan, join, width) : inOnePieceEach(plan, join == Join.ALONG_LENGTH);
    }

    /** Strips across the width, joined end to end and cut to the sides. */
    private StripPlan inOneRun(StripPlan plan, Join join, Length width) {
        JoinedStrips strips = join == Join.DIAGONAL
                ? JoinedStrips.diagonal(width, plan.cutWidth())
                : JoinedStrips.straight(width, settings.seamAllowance());
        Length all = plan.sides().stream()
                .map(side -> side.cutLength().times(side.count()))
                .reduce(Length.ZERO, Length::plus);
        long pieces = strips.stripsFor(all);
        ClothCut cut = new ClothCut(
                plan.cloth(), CutSize.rectangle(width, plan.cutWidth()), "strip", pieces, plan.uses(), plan.label());
        String how = said(plan.sides()) + " = " + writer.write(all) + " in one run; strips across the width give "
                + writer.write(width) + ", less " + writer.write(strips.loss()) + " at each "
                + (join == Join.DIAGONAL ? "diagonal" : "straight") + " join: " + pieces + " strips reach "
                + writer.write(strips.reach(pieces));
        return plan.with(List.of(cut), new Working(plan.label(), how));
    }

    private StripPlan inOnePieceEach(StripPlan plan, boolean along) {
        List<ClothCut> cuts = new ArrayList<>();
        for (Side side : plan.sides()) {
            CutSize size = along
                    ? new CutSize(plan.cutWidth(), side.cutLength(), false)
                    : CutSize.rectangle(side.cutLength(), plan.cutWidth());
            cuts.add(new ClothCut(plan.cloth(), size, "strip", side.count(), plan.uses(), plan.label()));
        }
        String how = said(plan.sides())
                + (along
                        ? ", cut in one piece along the length of the fabric, without a join"
                        : ", cut in one piece across the width");
        return plan.with(cuts, new Working(plan.label(), how));
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

    private Side side(Run run, TopCount.Group group, Join join, boolean joined, Length width) {
        Length exact = exact(run, group);
        Length longer = exact.plus(usual.overLength());
        boolean fits = joined || join == Join.ALONG_LENGTH || !longer.isLongerThan(width);
        return new Side(group.count(), run.isBorder() && fits ? longer : exact, exact);
    }

    /** Borders say how they are joined; other strips are joined straight. */
    private Join join(Run run, Length cutWidth, Length width) {
        Join wanted = run.isBorder() ? design.borders().get(run.border).join() : Join.STRAIGHT;
        // Strips nearly as wide as the cloth leave nothing for diagonal joins.
        boolean tooWide = wanted == Join.DIAGONAL && cutWidth.times(2).isLongerThan(width);
        return tooWide ? Join.STRAIGHT : wanted;
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
                List.of(new Side(1, binding.length(), binding.length())),
                binding.stripWidth(),
                true,
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
                false,
                List.of(cut),
                working));
    }
}
