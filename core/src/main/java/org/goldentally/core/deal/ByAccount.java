package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.KnownAccounts;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.Area;
import org.goldentally.core.problem.Known;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.TopTally;

/**
 * Prints exchanged until the accounts of the quilt buy none of them. What there is of a print is counted in parts while blocks
 * are made, which is exact where each block takes as much as any other; where a print serves places of several sizes, and
 * where halves are crossed in pairs, only the accounts tell. So a print that is short by them gives a place to one that has
 * some left, or changes places with it, as long as that leaves less missing.
 */
final class ByAccount {

    /** Tops that are worked out at most, fewer of large ones (our own figures). */
    private static final int MOST_TRIES = 60;

    private static final int TRIES_TIMES_PLACES = 600;

    private static final int FEWEST_TRIES = 3;

    private static final int MOST_TARGETS = 6;

    private static final int FEW_PLACES = 60;

    private static final long SEED = 20_261_201L;

    private final FreePlaces free;
    private final Stock stock;
    private final boolean[] stays;
    private final Function<List<Made>, QuiltDesign> dressed;
    private final ClothCutter accounts = new KnownAccounts();
    private final Set<List<List<Integer>>> seen = new HashSet<>();
    private final Random chance = new Random(SEED);
    private int left;

    /** @param dressed the quilt with these blocks at its places */
    ByAccount(FreePlaces free, Stock stock, boolean[] stays, Function<List<Made>, QuiltDesign> dressed) {
        this.free = free;
        this.stock = stock;
        this.stays = stays;
        this.dressed = dressed;
        this.left = Math.clamp(TRIES_TIMES_PLACES / Math.max(1, free.hands.size()), FEWEST_TRIES, MOST_TRIES);
    }

    /** Some blocks at their places, and what is missing of each print for them. */
    record Tried(List<Made> lies, Map<Integer, Area> missing, Map<Integer, Area> over) {

        Area all() {
            return missing.values().stream().reduce(Area.ZERO, Area::plus);
        }
    }

    Tried settle(List<Made> lies) {
        Tried best = tried(lies);
        Tried at = best;
        seen.add(prints(lies));
        while (!best.missing.isEmpty() && left > 0) {
            Optional<Tried> next = next(at);
            if (next.isEmpty()) {
                return best;
            }
            at = next.get();
            best = at.all().compareTo(best.all()) < 0 ? at : best;
        }
        return best;
    }

    private static List<List<Integer>> prints(List<Made> lies) {
        return lies.stream()
                .map(made -> Arrays.stream(made.prints()).boxed().toList())
                .toList();
    }

    private Tried tried(List<Made> lies) {
        left--;
        TopTally tally = TopTally.of(QuiltTop.of(dressed.apply(lies)), stock.shelf(), accounts);
        Map<Integer, Area> missing = new LinkedHashMap<>();
        Map<Integer, Area> over = new HashMap<>();
        for (int print = 0; print < free.prints.size(); print++) {
            over.put(print, area(free.prints.get(print).key()));
        }
        for (ClothLedger ledger : tally.ledgers()) {
            int print = printOf(ledger.cloth());
            if (print >= 0) {
                over.put(print, ledger.left().plus(area(ledger.untouched())));
                if (!ledger.isEnough()) {
                    missing.put(
                            print, ledger.missing().stream().map(ClothCut::area).reduce(Area.ZERO, Area::plus));
                }
            }
        }
        return new Tried(lies, missing, over);
    }

    private int printOf(String cloth) {
        for (int print = 0; print < free.prints.size(); print++) {
            if (free.prints.get(print).key().equals(cloth)) {
                return print;
            }
        }
        return -1;
    }

    private Area area(String cloth) {
        return area(stock.shelf().getOrDefault(cloth, List.of()));
    }

    private static Area area(List<ShelfPieces> pieces) {
        return pieces.stream()
                .map(each -> each.piece().area().times(each.count()))
                .reduce(Area.ZERO, Area::plus);
    }

    /**
     * An exchange that leaves less missing, or as much, which leads elsewhere: of a few blocks any of them by chance, of many the
     * first.
     */
    private Optional<Tried> next(Tried at) {
        List<Integer> shortOnes = at.missing.entrySet().stream()
                .sorted(Map.Entry.<Integer, Area>comparingByValue().reversed())
                .map(Map.Entry::getKey)
                .toList();
        Stream<List<Made>> ways = shortOnes.stream()
                .flatMap(print -> Stream.of(given(at, print), reordered(at, print), swapped(at, print))
                        .flatMap(all -> all));
        if (free.hands.size() <= FEW_PLACES) {
            List<List<Made>> all = ways.collect(Collectors.toCollection(ArrayList::new));
            Collections.shuffle(all, chance);
            ways = all.stream();
        }
        return ways.takeWhile(any -> left > 0)
                .filter(way -> seen.add(prints(way)))
                .map(this::tried)
                .filter(tried -> tried.all().compareTo(at.all()) <= 0)
                .findFirst();
    }

    /** Places that lie alike: so many as come of one set change together, or one by itself. */
    private List<List<Integer>> alike(List<Made> lies) {
        Map<List<Object>, List<Integer>> alike = new LinkedHashMap<>();
        for (int i = 0; i < lies.size(); i++) {
            Made made = lies.get(i);
            if (!stays[i]) {
                List<Integer> prints = Arrays.stream(made.prints()).boxed().toList();
                alike.computeIfAbsent(List.of(made.sort(), prints), any -> new ArrayList<>())
                        .add(i);
            }
        }
        return alike.values().stream()
                .flatMap(places -> {
                    int together = stock.alike(free.hands.get(places.getFirst()).sort());
                    return Stream.of(Math.min(places.size(), together), 1)
                            .distinct()
                            .map(few -> places.subList(0, few));
                })
                .toList();
    }

    /** Another print, of which there is some left, at one of its places. */
    private Stream<List<Made>> given(Tried best, int print) {
        List<Integer> targets = best.over.entrySet().stream()
                .filter(each -> !best.missing.containsKey(each.getKey()))
                .sorted(Map.Entry.<Integer, Area>comparingByValue(Comparator.reverseOrder()))
                .map(Map.Entry::getKey)
                .limit(MOST_TARGETS)
                .toList();
        return alike(best.lies).stream()
                .flatMap(places -> targets.stream().flatMap(to -> exchanged(best.lies, places, print, to).stream()));
    }

    /** The print at one of its places and another print somewhere else change places. */
    private Stream<List<Made>> swapped(Tried best, int print) {
        List<List<Integer>> all = alike(best.lies);
        return all.stream()
                .flatMap(from -> all.stream()
                        .filter(other -> !other.getFirst().equals(from.getFirst()))
                        .flatMap(other -> Arrays.stream(
                                        best.lies.get(other.getFirst()).prints())
                                .boxed()
                                .filter(to -> to != print)
                                .flatMap(to -> exchanged(best.lies, from, print, to)
                                        .flatMap(lies -> exchanged(lies, other, to, print))
                                        .stream())));
    }

    /** The print and another of the same block change places: other halves meet, or the other hand of a crossing is used. */
    private Stream<List<Made>> reordered(Tried best, int print) {
        return alike(best.lies).stream().flatMap(places -> {
            int[] prints = best.lies.get(places.getFirst()).prints();
            Hand hand = free.hands.get(places.getFirst());
            return IntStream.range(0, prints.length)
                    .filter(at -> prints[at] == print)
                    .boxed()
                    .flatMap(at -> IntStream.range(0, prints.length)
                            .filter(to -> to != at
                                    && isAllowed(hand.freeKeys.get(at), prints[to])
                                    && isAllowed(hand.freeKeys.get(to), prints[at]))
                            .mapToObj(to -> {
                                int[] others = prints.clone();
                                others[at] = prints[to];
                                others[to] = prints[at];
                                return with(best.lies, places, others);
                            }));
        });
    }

    private List<Made> with(List<Made> lies, List<Integer> places, int[] prints) {
        List<Made> changed = new ArrayList<>(lies);
        for (int place : places) {
            Made made = lies.get(place);
            changed.set(place, free.made(made.sort(), prints.clone(), made.mirrored()));
        }
        return changed;
    }

    /** Empty where the one is not there, or the other may not be. */
    private Optional<List<Made>> exchanged(List<Made> lies, List<Integer> places, int from, int to) {
        int[] prints = lies.get(places.getFirst()).prints();
        int at = -1;
        for (int i = 0; i < prints.length; i++) {
            if (prints[i] == to) {
                return Optional.empty();
            }
            at = prints[i] == from ? i : at;
        }
        Hand hand = free.hands.get(places.getFirst());
        if (at < 0 || !isAllowed(hand.freeKeys.get(at), to)) {
            return Optional.empty();
        }
        int[] others = prints.clone();
        others[at] = to;
        return Optional.of(with(lies, places, others));
    }

    private boolean isAllowed(String key, int print) {
        for (int each : Known.of(free.allowed, key)) {
            if (each == print) {
                return true;
            }
        }
        return false;
    }
}
