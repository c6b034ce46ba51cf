package org.goldentally.core.offers;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.KnownAccounts;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.finishing.StripPlan;
import org.goldentally.core.making.BonusUnits;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.offers.Offer.Kind;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.UnitKind;

/**
 * Looks for what could be done better: another method or style of cutting that buys less, units from offcuts, spare units
 * put to use, a binding from leftovers. Each is worked out in full, so that its effect is known before it is taken.
 */
public final class Offers {

    /** More groups than this are looked at by hand only: a scrappy top has hundreds, each a few units. */
    private static final int MOST_GROUPS = 24;

    private static final int MOST_METHOD_OFFERS = 4;

    /** Other ways of a group that are worked out (our own limit). */
    private static final int MOST_WAYS = 3;

    private final TopTally tally;
    private final QuiltDesign design;
    private final Map<String, List<ShelfPieces>> shelf;
    private final ClothCutter cutter;
    private final Bought now;
    private final LengthWriter writer;

    private Offers(TopTally tally, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter) {
        this.tally = tally;
        this.design = tally.top().design();
        this.shelf = shelf;
        this.cutter = cutter;
        this.now = Bought.of(tally);
        this.writer = design.system().writer();
    }

    /** All offers for a tally, kind by kind; among methods those that save most come first. */
    public static List<Offer> of(TopTally tally, Map<String, List<ShelfPieces>> shelf, ClothCutter slow) {
        ClothCutter cutter = new KnownAccounts(slow);
        Offers offers = new Offers(tally, shelf, cutter);
        List<Offer> all = new ArrayList<>();
        all.addAll(new MakingAdvice(tally, shelf, cutter).all());
        all.addAll(offers.methods());
        offers.cutting().ifPresent(all::add);
        all.addAll(offers.bonusUnits());
        all.addAll(offers.spareUnits());
        offers.scrappyBinding().ifPresent(all::add);
        return all;
    }

    /** Groups that one way of making them is offered for. */
    private record Saving(Offer offer, Length saved, UnitPlan way) {}

    /** Ways that buy less of some cloth and more of none; for each group the one that saves most. */
    private List<Offer> methods() {
        List<Saving> savings = new ArrayList<>();
        List<UnitPlans.Choice> groups = tally.choices().stream()
                .sorted(Comparator.comparing(
                                (UnitPlans.Choice choice) -> choice.chosen().clothCut())
                        .reversed())
                .limit(MOST_GROUPS)
                .toList();
        for (UnitPlans.Choice choice : groups) {
            worthTrying(choice)
                    .flatMap(way -> saving(choice, way).stream())
                    .max(Comparator.comparing(Saving::saved))
                    .ifPresent(savings::add);
        }
        List<Offer> offers = new ArrayList<>(together(savings));
        savings.stream()
                .sorted(Comparator.comparing(Saving::saved).reversed())
                .limit(MOST_METHOD_OFFERS)
                .map(Saving::offer)
                .forEach(offers::add);
        return offers;
    }

    /** The few other ways that take least of what is bought now; each is worked out as a whole. */
    private Stream<UnitPlan> worthTrying(UnitPlans.Choice choice) {
        Set<String> bought = tally.ledgers().stream()
                .filter(ledger -> ledger.toBuy().isPresent())
                .map(ClothLedger::cloth)
                .collect(Collectors.toSet());
        return choice.ways().stream()
                .filter(way -> way.method() != choice.chosen().method())
                .sorted(Comparator.comparing((UnitPlan way) -> way.cuts().stream()
                        .filter(cut -> bought.contains(cut.cloth()))
                        .map(ClothCut::area)
                        .reduce(Area.ZERO, Area::plus)))
                .limit(MOST_WAYS);
    }

    /** A way that saves for several groups, for all of them at once. */
    private List<Offer> together(List<Saving> savings) {
        Map<PiecingMethod, List<UnitPlan>> byMethod = new LinkedHashMap<>();
        savings.forEach(saving -> byMethod.computeIfAbsent(saving.way.method(), any -> new ArrayList<>())
                .add(saving.way));
        List<Offer> offers = new ArrayList<>();
        byMethod.forEach((method, ways) -> {
            if (ways.size() < 2) {
                return;
            }
            QuiltDesign chosen = design;
            for (UnitPlan way : ways) {
                chosen = WayEffects.choosing(chosen, way.key().choice(), method.key());
            }
            Bought then = Bought.of(
                    TopTally.of(tally.top(), tally.count(), tally.top().read().madeAs(chosen), shelf, cutter));
            if (then.savesOver(now)) {
                offers.add(new Offer(
                        Kind.METHOD,
                        "together " + method.key(),
                        named(ways.getFirst()) + " for these " + ways.size() + ": "
                                + String.join(
                                        "; ",
                                        ways.stream()
                                                .map(way -> way.label() + names(way))
                                                .toList()),
                        then.against(now, design.cloths(), design.system()),
                        chosen));
            }
        });
        return offers;
    }

    private Optional<Saving> saving(UnitPlans.Choice choice, UnitPlan way) {
        String key = way.key().choice();
        Bought then = Bought.of(WayEffects.with(tally, key, way.method().key(), shelf, cutter));
        if (!then.savesOver(now)) {
            return Optional.empty();
        }
        Offer offer = new Offer(
                Kind.METHOD,
                "method " + key + " " + way.method().key(),
                named(way) + " instead of " + choice.chosen().method().displayName() + " for the " + way.label()
                        + names(way),
                then.against(now, design.cloths(), design.system()),
                WayEffects.choosing(design, key, way.method().key()));
        return Optional.of(new Saving(offer, then.saved(now), way));
    }

    /** Bias edges are named with the way that leaves them. */
    private static String named(UnitPlan way) {
        return way.method().displayName() + (way.hasBias() ? " (bias edges)" : "");
    }

    private String names(UnitPlan plan) {
        List<String> names = plan.cloths().stream().distinct().map(this::name).toList();
        return ", " + String.join(" and ", names);
    }

    private String name(String cloth) {
        return design.cloth(cloth).map(each -> each.name()).orElse("fabric not chosen");
    }

    /** Thrifty cutting of everything that is to be bought and cut plainly now. */
    private Optional<Offer> cutting() {
        List<CuttingChoice> choices = new ArrayList<>(design.plan().cutting());
        boolean any = false;
        for (ClothLedger ledger : tally.ledgers()) {
            if (ledger.toBuy().isPresent() && ledger.choice().style() == CuttingStyle.PLAIN) {
                choices.removeIf(choice -> choice.cloth().equals(ledger.cloth()));
                choices.add(new CuttingChoice(ledger.cloth(), CuttingStyle.TIDY, PlanDesign.USUAL_EFFORT));
                any = true;
            }
        }
        if (!any) {
            return Optional.empty();
        }
        QuiltDesign tidy = design.withPlan(design.plan().withCutting(choices));
        TopTally other =
                TopTally.of(tally.top(), tally.count(), tally.top().read().madeAs(tidy), shelf, cutter);
        Bought then = Bought.of(other);
        return then.savesOver(now)
                ? Optional.of(new Offer(
                        Kind.CUTTING,
                        "tidy",
                        "tidy cutting instead of plain: several sizes side by side in a strip",
                        then.against(now, design.cloths(), design.system()),
                        tidy))
                : Optional.empty();
    }

    private List<Offer> bonusUnits() {
        List<Offer> offers = new ArrayList<>();
        for (UnitPlans.Choice choice : tally.choices()) {
            String key = choice.chosen().key().choice();
            if (design.plan().bonus().contains(key)) {
                continue;
            }
            BonusUnits.of(choice.chosen(), tally.top().settings()).ifPresent(bonus -> {
                List<String> taken = new ArrayList<>(design.plan().bonus());
                taken.add(key);
                offers.add(new Offer(
                        Kind.BONUS_UNITS,
                        "bonus " + key,
                        "the offcuts of the " + choice.chosen().label() + " make " + bonus.count()
                                + " bonus half-square triangle units, " + name(bonus.corner()) + " and "
                                + name(bonus.base()),
                        "takes no fabric, a second seam at each corner; trimmed " + writer.write(bonus.trimmedSize())
                                + ", finished " + writer.writeWithUnit(bonus.finishedSize()),
                        design.withPlan(design.plan().withBonus(taken))));
            });
        }
        return offers;
    }

    /** Spare units that are as large as a plain border is wide can stand in its corners. */
    private List<Offer> spareUnits() {
        List<Offer> offers = new ArrayList<>();
        for (int i = 0; i < design.borders().size(); i++) {
            BorderDesign border = design.borders().get(i);
            if (border.kind() == BorderDesign.Kind.SPACER
                    || border.corners() == BorderDesign.Corners.UNITS
                    || !border.unlike().isEmpty()) {
                continue;
            }
            Length width = tally.top().sizes().borders().get(i).width();
            for (UnitPlans.Choice choice : tally.choices()) {
                UnitPlan plan = choice.chosen();
                Optional<UnitKind> kind = kind(plan.unit());
                boolean fits = plan.unit().finishedWidth().equals(width)
                        && plan.unit().finishedHeight().equals(width);
                if (fits && kind.isPresent() && plan.spare() - plan.extra() >= 4) {
                    corners(i, border, plan, kind.get()).ifPresent(offers::add);
                }
            }
        }
        return offers;
    }

    private static Optional<UnitKind> kind(PatchworkUnit unit) {
        return unit instanceof PatchworkUnit.HalfSquareTriangleUnit
                ? Optional.of(UnitKind.HALF_SQUARE)
                : unit instanceof PatchworkUnit.QuarterSquareTriangleUnit
                        ? Optional.of(UnitKind.HOURGLASS)
                        : Optional.empty();
    }

    private Optional<Offer> corners(int index, BorderDesign border, UnitPlan plan, UnitKind kind) {
        List<BorderDesign> borders = new ArrayList<>(design.borders());
        borders.set(
                index, border.withCorner(UnitDesign.of(kind, 0, plan.cloths().toArray(String[]::new))));
        QuiltDesign with = design.withBorders(borders);
        TopTally other = TopTally.of(QuiltTop.of(with), shelf, cutter);
        Bought then = Bought.of(other);
        return Optional.of(new Offer(
                Kind.SPARE_UNITS,
                "corners " + index + " " + plan.key().choice(),
                "4 of the " + plan.spare() + " spare " + plan.label() + " units" + names(plan)
                        + " make the corners of border " + (index + 1),
                then.against(now, design.cloths(), design.system()),
                with));
    }

    private Optional<Offer> scrappyBinding() {
        if (design.finishing().scrappyBinding() || tally.binding().isEmpty()) {
            return Optional.empty();
        }
        QuiltDesign scrappy = design.withFinishing(design.finishing().boundFromLeftovers(true));
        TopTally other =
                TopTally.of(tally.top(), tally.count(), tally.top().read().madeAs(scrappy), shelf, cutter);
        StripPlan plan = other.binding().orElseThrow();
        StripPlan before = tally.binding().orElseThrow();
        if (plan.stripsCut() >= before.stripsCut()) {
            return Optional.empty();
        }
        Bought then = Bought.of(other);
        return Optional.of(new Offer(
                Kind.SCRAPPY_BINDING,
                "scrappy binding",
                plan.stripsCut() == 0
                        ? "a scrappy binding from the leftover strips"
                        : "a binding from the leftover strips, and " + plan.stripsCut()
                                + (plan.stripsCut() == 1 ? " strip" : " strips") + " of its own fabric",
                then.against(now, design.cloths(), design.system()) + "; "
                        + plan.working().how(),
                scrappy));
    }
}
