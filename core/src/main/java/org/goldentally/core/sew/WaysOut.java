package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.CuttingRequest;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.LooseParts;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.MethodId;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;

/**
 * After something went wrong: whether the cloth left still covers what is to be sewn, and if not, the ways out, cheapest
 * first. Only what the plan leaves over counts as left, so nothing that another batch needs is given away.
 *
 * @param beyondPlan sets that the plan has no cloth cut for
 * @param covered whether the leftovers give them
 * @param mayGoWrong sets that could still go wrong before cloth has to be bought
 * @param ways what could be done; empty where nothing needs to be
 */
public record WaysOut(long beyondPlan, boolean covered, long mayGoWrong, List<String> ways) {

    /** More sets than ever go wrong. */
    private static final int MOST_SETS = 40;

    /** The leftovers of every cloth, as pieces to cut from. */
    private record Leftovers(TopTally tally, MeasureSystem system) {

        List<ShelfPieces> of(String cloth) {
            List<ShelfPieces> pieces = new ArrayList<>();
            tally.ledgers().stream()
                    .filter(ledger -> ledger.cloth().equals(cloth))
                    .findFirst()
                    .ifPresent(ledger -> {
                        pieces.addAll(ledger.untouched());
                        ledger.opened()
                                .forEach(opened -> opened.piece()
                                        .leftovers()
                                        .forEach(rest -> pieces.add(scrap(rest, Math.toIntExact(opened.count())))));
                        ledger.toBuy()
                                .ifPresent(buy -> buy.piece().leftovers().forEach(rest -> pieces.add(scrap(rest, 1))));
                    });
            return pieces;
        }

        private static ShelfPieces scrap(Rectangle rest, int count) {
            ClothPiece piece = new ClothPiece(PieceForm.SCRAP, rest.width(), rest.height(), ClothPiece.Edge.STRAIGHT);
            return new ShelfPieces(rest.toString(), count, piece);
        }

        ClothLedger account(String cloth, List<ClothCut> cuts) {
            ClothLedger planned = tally.ledgers().stream()
                    .filter(ledger -> ledger.cloth().equals(cloth))
                    .findFirst()
                    .orElseThrow();
            return ClothLedger.of(new CuttingRequest(
                    cloth,
                    cuts,
                    of(cloth),
                    planned.widthToBuy(),
                    system,
                    CuttingChoice.PLAIN,
                    planned.request().squaringUp()));
        }

        /** What must be bought for these cuts; empty where the leftovers give them. */
        List<String> missing(List<ClothCut> cuts, QuiltDesign design) {
            Map<String, List<ClothCut>> byCloth = new LinkedHashMap<>();
            cuts.forEach(cut -> byCloth.computeIfAbsent(cut.cloth(), any -> new ArrayList<>())
                    .add(cut));
            List<String> missing = new ArrayList<>();
            byCloth.forEach((cloth, wanted) -> {
                if (design.cloth(cloth).isEmpty()) {
                    return;
                }
                ClothLedger account = account(cloth, wanted);
                if (!account.isEnough()) {
                    String name = design.cloth(cloth).map(ClothInHand::name).orElse(cloth);
                    missing.add(account.toBuy()
                            .map(buy -> buy.purchase().write() + " " + name)
                            .orElse("a larger piece of " + name));
                }
            });
            return missing;
        }
    }

    /** What can be done about spoiled sets of a batch, with what is left of the cloth by now. */
    public static WaysOut of(Batch batch, BenchState.Counts counts, TopTally tally) {
        if (batch.set().isEmpty()) {
            return new WaysOut(0, true, 0, List.of());
        }
        MadeSet set = batch.set().get();
        QuiltDesign design = tally.top().design();
        Leftovers leftovers = new Leftovers(tally, design.system());
        // Once all are made, nothing more is wanted, however many sets that took.
        long beyond = batch.setsLeft(counts) == 0 ? 0 : batch.setsBeyondPlan(counts);
        long spareSets =
                Math.max(0, batch.setsPlanned() - counts.setsMade() - counts.setsSpoiled() - batch.setsLeft(counts));
        long most = most(set, leftovers, design);
        List<String> missing = beyond == 0 ? List.of() : leftovers.missing(set.cutsFor(beyond), design);
        List<String> ways = new ArrayList<>();
        if (beyond > 0) {
            spareTriangles(set, beyond, tally).ifPresent(ways::add);
            if (missing.isEmpty()) {
                ways.add("cut " + beyond + " more " + Recipe.counted(batch.setName(), beyond)
                        + " from what is left over");
            } else {
                batch.plan()
                        .flatMap(plan -> otherMethod(plan, batch, counts, tally, leftovers))
                        .ifPresent(ways::add);
                neighbour(set.cutsFor(beyond), design, leftovers).ifPresent(ways::add);
                ways.add("buy " + String.join(" and ", missing));
            }
        }
        return new WaysOut(beyond, missing.isEmpty(), spareSets + Math.max(0, most - beyond), ways);
    }

    /**
     * Two triangles that the plan leaves over, one of each cloth, make a half-square triangle or a half of a crossing without
     * a cut; of other units, and of squares cut for more at a time, they do not.
     */
    private static Optional<String> spareTriangles(MadeSet set, long beyond, TopTally tally) {
        boolean ofTwoTriangles = set instanceof MadeSet.Halves
                || (set.groups().stream().allMatch(units -> units.unit() instanceof HalfSquareTriangleUnit)
                        && (set.method().id() == MethodId.TWO_AT_A_TIME
                                || set.method().id() == MethodId.LOOSE_HALF_SQUARES));
        List<ClothCut> squares = set.cutsFor(1);
        if (!ofTwoTriangles || squares.size() != 2) {
            return Optional.empty();
        }
        long units = Math.min(spare(squares.getFirst(), tally), spare(squares.getLast(), tally));
        long wanted = beyond * set.perRun();
        return units == 0
                ? Optional.empty()
                : Optional.of("sew " + Math.min(units, wanted) + " of the " + wanted
                        + " of loose triangles that are left over of both fabrics");
    }

    private static long spare(ClothCut square, TopTally tally) {
        return tally.making().parts().stream()
                .filter(parts -> parts.perPiece() == 2
                        && parts.pieces().cloth().equals(square.cloth())
                        && parts.pieces().size().equals(square.size()))
                .mapToLong(LooseParts::spare)
                .sum();
    }

    private static long most(MadeSet set, Leftovers leftovers, QuiltDesign design) {
        int enough = 0;
        int tooMany = MOST_SETS + 1;
        while (tooMany - enough > 1) {
            int middle = (enough + tooMany) / 2;
            if (leftovers.missing(set.cutsFor(middle), design).isEmpty()) {
                enough = middle;
            } else {
                tooMany = middle;
            }
        }
        return enough;
    }

    /** The units that are still open made in another way that the leftovers allow; the one that cuts least. */
    private static Optional<String> otherMethod(
            UnitPlan plan, Batch batch, BenchState.Counts counts, TopTally tally, Leftovers leftovers) {
        long open = batch.needed() - counts.good();
        QuiltDesign design = tally.top().design();
        return tally.choices().stream()
                .filter(choice -> choice.chosen().key().equals(plan.key()))
                .flatMap(choice -> choice.ways().stream())
                .filter(way -> way.method() != plan.method()
                        && !way.method().joinsManyCloths()
                        && !way.method().isForMany())
                .filter(way -> leftovers.missing(way.cutsFor(open), design).isEmpty())
                .min(Comparator.comparing(UnitPlan::hasBias)
                        .thenComparingInt(way -> way.recipe().unitsPerSet()))
                .map(way -> "make the last " + open + " " + way.method().displayName() + ": cut "
                        + way.recipe().sizesToCut().stream()
                                .map(design.system().writer()::write)
                                .reduce((a, b) -> a + " and " + b)
                                .orElse("")
                        + " " + design.system().abbreviation() + " from what is left over");
    }

    /** The cloth nearest in value whose leftovers give what one cloth of the unit lacks. */
    private static Optional<String> neighbour(List<ClothCut> all, QuiltDesign design, Leftovers leftovers) {
        List<String> cloths = all.stream().map(ClothCut::cloth).distinct().toList();
        for (String cloth : cloths) {
            List<ClothCut> cuts =
                    all.stream().filter(cut -> cut.cloth().equals(cloth)).toList();
            Optional<ClothInHand> own = design.cloth(cloth);
            if (own.isEmpty() || leftovers.missing(cuts, design).isEmpty()) {
                continue;
            }
            return design.cloths().stream()
                    .filter(other -> !other.key().equals(cloth) && !other.dealt() && !cloths.contains(other.key()))
                    .filter(other -> leftovers.tally().ledgers().stream()
                            .anyMatch(ledger -> ledger.cloth().equals(other.key())))
                    .filter(other -> leftovers
                            .missing(
                                    cuts.stream()
                                            .map(cut -> new ClothCut(
                                                    other.key(),
                                                    cut.size(),
                                                    cut.name(),
                                                    cut.count(),
                                                    cut.uses(),
                                                    cut.useLabel()))
                                            .toList(),
                                    design)
                            .isEmpty())
                    .min(Comparator.comparingDouble(other -> apart(own.get(), other)))
                    .map(other ->
                            "take " + other.name() + " for " + own.get().name() + ": its leftovers give it, and it is "
                                    + Math.round(Math.abs(own.get().judgedLightness() - other.judgedLightness()))
                                    + " apart in value");
        }
        return Optional.empty();
    }

    private static double apart(ClothInHand one, ClothInHand other) {
        int a = Integer.parseInt(one.colour().substring(1), 16);
        int b = Integer.parseInt(other.colour().substring(1), 16);
        double sum = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            double d = (a >> shift & 255) - (b >> shift & 255);
            sum += d * d;
        }
        return Math.sqrt(sum);
    }
}
