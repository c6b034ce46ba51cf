package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.goldentally.core.deal.ScrappyDeal.LeftOut;
import org.goldentally.core.deal.Wish.Spot;
import org.goldentally.core.deal.Wish.What;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.EdgePlaceDesign;
import org.goldentally.core.design.MakingDesign.SpareBlock;
import org.goldentally.core.design.MakingDesign.Variety;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.problem.Known;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;

/** One going over the free places of a top: what stays, what is made anew, where it lies in the end. */
final class LayingOut {

    private static final int QUARTERS = 4;

    private final FreePlaces free;
    private final Wish wish;
    private final Maker maker;
    private final Made[] lies;
    private final boolean[] stays;
    private final List<Made> spare = new ArrayList<>();
    private final Stock stock;

    /** Prints that are short by the accounts of the quilt; empty where they were not asked. */
    private Optional<List<Integer>> shortOnes = Optional.empty();

    LayingOut(QuiltDesign design, Stock stock, Wish wish) {
        this.stock = stock;
        this.free = new FreePlaces(design);
        this.wish = wish;
        this.maker = new Maker(free, stock, wish);
        this.lies = new Made[free.hands.size()];
        this.stays = new boolean[free.hands.size()];
    }

    ScrappyDeal deal() {
        for (int i = 0; i < lies.length; i++) {
            stays[i] = staysAt(free.hands.get(i));
        }
        switch (wish.what()) {
            case LAY_OUT -> takeWhatLies();
            case MAKE -> make(wish.spareBlocks());
            case MAKE_THE_REST -> {
                takeSpares();
                make(0);
            }
        }
        if (wish.what() != What.LAY_OUT) {
            settleByAccount();
        }
        Placer placer = new Placer(free, lies, stays, spare, wish.seed() + 1);
        Made[] laid = placer.place();
        return result(laid, placer);
    }

    /** Where prints of the shelf are dealt, none is short that need not be. */
    private void settleByAccount() {
        if (stock.isKnown(free.allowed.keySet()) && !stock.shelf().isEmpty()) {
            ByAccount.Tried settled = new ByAccount(free, stock, stays, this::dressed).settle(List.of(lies));
            settled.lies().toArray(lies);
            shortOnes = Optional.of(List.copyOf(settled.missing().keySet()));
        }
    }

    private QuiltDesign dressed(List<Made> made) {
        Made[] laid = made.toArray(Made[]::new);
        return free.design
                .withPlaces(places(laid))
                .withEdgePlaces(edgePlaces(laid))
                .withPlan(free.design
                        .plan()
                        .withMaking(free.design
                                .plan()
                                .making()
                                .withSpareBlocks(
                                        spare.stream().map(this::spareBlock).toList())));
    }

    private boolean staysAt(Hand hand) {
        boolean chosen = wish.only().isEmpty()
                || (!hand.isEdge() && wish.only().contains(new Spot(hand.part.row(), hand.part.column())));
        boolean dressed = Arrays.stream(free.printsNow(hand)).allMatch(print -> print >= 0);
        return dressed && (free.isLocked(hand) || !chosen || wish.what() == What.MAKE_THE_REST);
    }

    /** A block and its mirror image change places only where blocks may be mirrored: else the hands made would change. */
    private String sort(Hand hand, boolean mirrored) {
        return hand.sort() + (mirrored && wish.what() == What.LAY_OUT && !wish.freeTurns() ? " mirrored" : "");
    }

    private Made now(Hand hand) {
        boolean mirrored = hand.isWholeBlock() && free.place(hand).mirrored();
        return free.made(sort(hand, mirrored), free.printsNow(hand), mirrored);
    }

    private void takeWhatLies() {
        for (int i = 0; i < lies.length; i++) {
            Hand hand = free.hands.get(i);
            lies[i] = now(hand);
            if (Arrays.stream(lies[i].prints()).anyMatch(print -> print < 0)) {
                throw new RefusedException(new Problem(
                        "Free places",
                        "nothing is made yet for some of them, so nothing can be laid out otherwise",
                        "make and lay out the prints first"));
            }
            maker.alreadyUsed(hand, lies[i].prints());
        }
        takeSpares();
    }

    private void takeSpares() {
        for (SpareBlock block : free.design.plan().making().spareBlocks()) {
            free.hands.stream()
                    .filter(hand -> hand.block().equals(block.block()))
                    .findFirst()
                    .ifPresent(hand -> spare.add(free.made(
                            sort(hand, block.mirrored()),
                            hand.freeKeys.stream()
                                    .mapToInt(key -> free.print(block.exchanges(), key))
                                    .toArray(),
                            block.mirrored())));
        }
        spare.removeIf(made -> Arrays.stream(made.prints()).anyMatch(print -> print < 0));
    }

    private void make(int wanted) {
        Map<String, List<Integer>> bySort = new LinkedHashMap<>();
        for (int i = 0; i < lies.length; i++) {
            Hand hand = free.hands.get(i);
            if (stays[i]) {
                lies[i] = now(hand);
                maker.alreadyUsed(hand, lies[i].prints());
            } else {
                bySort.computeIfAbsent(hand.sort(), any -> new ArrayList<>()).add(i);
            }
        }
        int spares = wanted;
        for (List<Integer> places : bySort.values()) {
            Hand like = free.hands.get(places.getFirst());
            int beyond = like.isWholeBlock() ? spares : 0;
            List<Made> made = maker.make(like, places.size() + beyond);
            for (int i = 0; i < places.size(); i++) {
                lies[places.get(i)] = made.get(i);
            }
            spare.addAll(made.subList(places.size(), made.size()));
            spares -= beyond;
        }
        if (spares > 0) {
            throw new RefusedException(new Problem(
                    "Spare blocks",
                    "no block with a free place is made anew, so there is none to make more of",
                    "dress patches of a block in “any print”, unlock some, or make none to spare"));
        }
    }

    private ScrappyDeal result(Made[] laid, Placer placer) {
        int close = 0;
        for (int i = 0; i < laid.length; i++) {
            close += free.closePairs(free.hands.get(i), laid[i].prints());
        }
        int[] used = used(laid, placer.spare());
        return new ScrappyDeal(
                places(laid),
                edgePlaces(laid),
                placer.spare().stream().map(this::spareBlock).toList(),
                close,
                placer.neighboursThatShare(),
                Arrays.stream(used).max().orElse(0),
                Arrays.stream(used).filter(times -> times > 0).min().orElse(0),
                combinations(laid, placer.spare()),
                leftOut(used),
                shortOnes.orElseGet(maker::beyondStock).stream()
                        .map(print -> free.prints.get(print).name())
                        .toList(),
                printsForAll(laid, placer.spare()));
    }

    private List<PlaceDesign> places(Made[] laid) {
        SplittableRandom turns = new SplittableRandom(wish.seed() + 2);
        Map<List<Integer>, PlaceDesign> places = new LinkedHashMap<>();
        free.undealt().places().forEach(place -> places.put(List.of(place.row(), place.column()), place));
        for (int i = 0; i < laid.length; i++) {
            Hand hand = free.hands.get(i);
            if (!hand.isEdge()) {
                boolean turned = wish.freeTurns() && !stays[i] && hand.isWholeBlock();
                PlaceDesign place = placed(hand, laid[i], turned, turned ? turns.nextInt(QUARTERS) : 0);
                places.put(List.of(place.row(), place.column()), place);
            }
        }
        return List.copyOf(places.values());
    }

    private List<EdgePlaceDesign> edgePlaces(Made[] laid) {
        Map<List<Object>, EdgePlaceDesign> edges = new LinkedHashMap<>();
        free.undealt().edgePlaces().forEach(place -> edges.put(List.of(place.part(), place.unit()), place));
        for (int i = 0; i < laid.length; i++) {
            Hand hand = free.hands.get(i);
            if (hand.isEdge()) {
                EdgePlaceDesign before = free.edgePlace(hand);
                edges.put(
                        List.of(before.part(), before.unit()),
                        before.with(free.exchanges(hand, before.exchanges(), laid[i].prints())));
            }
        }
        return List.copyOf(edges.values());
    }

    private PlaceDesign placed(Hand hand, Made made, boolean turned, int quarters) {
        PlaceDesign before = free.place(hand);
        return new PlaceDesign(
                before.row(),
                before.column(),
                before.block(),
                turned ? quarters : before.quarterTurns(),
                turned ? made.mirrored() : before.mirrored(),
                free.exchanges(hand, before.exchanges(), made.prints()),
                before.locked());
    }

    private int printsForAll(Made[] laid, List<Made> spares) {
        List<Made> blocks = new ArrayList<>(List.of(laid));
        blocks.addAll(spares);
        return free.design.plan().making().variety() == Variety.ALL_DIFFERENT
                ? new PossibleCombinations(free).printsFor(blocks)
                : 0;
    }

    private SpareBlock spareBlock(Made made) {
        Hand hand = free.hands.stream()
                .filter(each -> made.sort().startsWith(each.sort()))
                .findFirst()
                .orElseThrow();
        return new SpareBlock(hand.block(), free.exchanges(hand, List.of(), made.prints()), made.mirrored());
    }

    private int[] used(Made[] laid, List<Made> spares) {
        int[] used = new int[free.prints.size()];
        Arrays.stream(laid).forEach(made -> Arrays.stream(made.prints()).forEach(print -> used[print]++));
        spares.forEach(made -> Arrays.stream(made.prints()).forEach(print -> used[print]++));
        return used;
    }

    private static int combinations(Made[] laid, List<Made> spares) {
        Set<List<Integer>> different = new LinkedHashSet<>();
        Arrays.stream(laid)
                .forEach(made -> different.add(
                        Arrays.stream(made.prints()).sorted().boxed().toList()));
        spares.forEach(made ->
                different.add(Arrays.stream(made.prints()).sorted().boxed().toList()));
        return different.size();
    }

    /** Prints that might lie somewhere but do not. */
    private List<LeftOut> leftOut(int[] used) {
        int places = free.hands.stream().mapToInt(hand -> hand.freeKeys.size()).sum();
        List<LeftOut> leftOut = new ArrayList<>();
        for (int print = 0; print < used.length; print++) {
            if (used[print] > 0 || !isAllowed(print)) {
                continue;
            }
            String why = maker.hasNone(print)
                    ? "there is none on the shelf that a block could be cut of"
                    : isTooClose(print)
                            ? "too close in value to the fabrics it would meet"
                            : places < used.length
                                    ? "there are fewer places than prints"
                                    : "the other prints are enough";
            ClothInHand cloth = free.prints.get(print);
            leftOut.add(new LeftOut(cloth.name(), why));
        }
        return leftOut;
    }

    private boolean isAllowed(int print) {
        return free.allowed.values().stream().anyMatch(may -> Arrays.stream(may).anyMatch(each -> each == print));
    }

    /** Whether it is close in value to a fixed cloth at every place that it could have. */
    private boolean isTooClose(int print) {
        return free.hands.stream()
                .flatMap(hand -> IntStream.range(0, hand.freeKeys.size())
                        .filter(place -> Arrays.stream(Known.of(free.allowed, hand.freeKeys.get(place)))
                                .anyMatch(each -> each == print))
                        .mapToObj(place -> hand.meetsFixed.stream()
                                .anyMatch(pair ->
                                        (int) pair[0] == place && free.isClose(free.lightness[print], pair[1]))))
                .allMatch(close -> close);
    }
}
