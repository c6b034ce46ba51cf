package org.goldentally.core.cutting.yardage;

import com.google.ortools.Loader;
import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPObjective;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.goldentally.core.cutting.yardage.Demand.Item;

/**
 * Makes the lists of {@code cutting-unseen.txt}: of the same kinds as those the planner was tuned with, under a seed it was
 * not, each with the shortest length that a long search knows. That search is many long plans under other orders of
 * the sizes, then a general integer program (OR-Tools with SCIP) over all their strips; for small lists the whole flow
 * model of {@link GeneralSolver}. It takes about a quarter of an hour.
 */
public final class UnseenLists {

    private static final int TALLEST_STRIP = 160;
    private static final int ORDERS = 12;
    private static final int SECONDS = 25;
    private static final int EIGHTHS_OF_A_YARD = 36;

    private final SplittableRandom chance;

    private UnseenLists(long seed) {
        this.chance = new SplittableRandom(seed);
    }

    public static void main(String[] args) {
        UnseenLists lists = new UnseenLists(Long.parseLong(args[0]));
        Map<String, Integer> kinds = new LinkedHashMap<>();
        kinds.put("tiny", 7);
        kinds.put("small", 8);
        kinds.put("medium", 9);
        kinds.put("large", 6);
        kinds.put("huge", 4);
        kinds.put("border", 6);
        kinds.forEach((kind, times) -> {
            for (int n = 0; n < times; n++) {
                System.out.println(line(kind + "-" + n, kind, lists.list(kind)));
            }
        });
    }

    private Demand list(String kind) {
        int width = chance.nextInt(4) == 0 ? 336 : 320;
        int sizes = switch (kind) {
            case "tiny" -> chance.nextInt(1, 3);
            case "small" -> chance.nextInt(2, 5);
            case "medium" -> chance.nextInt(4, 9);
            case "large" -> chance.nextInt(8, 12);
            case "huge" -> chance.nextInt(10, 13);
            default -> chance.nextInt(1, 5);
        };
        Map<List<Integer>, Item> items = new LinkedHashMap<>();
        if (kind.equals("border")) {
            for (int border = chance.nextInt(1, 3); border > 0; border--) {
                int high = 8 * chance.nextInt(1, 7) + 4;
                put(items, new Item(width, high, chance.nextInt(5, 10), false));
                put(items, new Item(4 * chance.nextInt(12, 74), high, 1, false));
            }
        }
        for (int wanted = items.size() + sizes; items.size() < wanted; ) {
            put(items, item(kind));
        }
        return new Demand(width, List.copyOf(items.values()), TALLEST_STRIP);
    }

    private static void put(Map<List<Integer>, Item> items, Item item) {
        items.putIfAbsent(List.of(item.width(), item.height()), item);
    }

    /** A square for triangles or as it is, or a rectangle with its seams; in eighths of an inch. */
    private Item item(String kind) {
        int most = switch (kind) {
            case "tiny" -> 8;
            case "small" -> 30;
            case "huge" -> 140;
            default -> 60;
        };
        int count = chance.nextInt(4) == 0 ? chance.nextInt(2, 9) : 4 * chance.nextInt(1, most);
        if (chance.nextInt(3) == 0) {
            int wide = 8 * chance.nextInt(2, 13) + 4;
            int high = 8 * chance.nextInt(1, wide / 8) + 4;
            return new Item(wide, high, count, chance.nextInt(4) > 0);
        }
        int finished = 8 * chance.nextInt(1, 12);
        int side = finished + List.of(4, 4, 7, 7, 8, 10, 11, 12).get(chance.nextInt(8));
        return new Item(side, side, count, false);
    }

    private static String line(String name, String kind, Demand demand) {
        StripMaster master = new StripMaster(demand, new StripPricing(demand, CuttingStyle.THRIFTY));
        master.solve();
        int bound = (int) Math.ceil(master.bound() - 1e-6);
        int best = shortest(demand, master.strips(), kind);
        String pieces = demand.items().stream()
                .map(item -> item.width() + "x" + item.height() + "x" + item.count() + (item.turnable() ? "r" : ""))
                .collect(Collectors.joining(" "));
        return String.format(
                Locale.ROOT,
                "%s; %s; %d; %d; %d; %d; %d; %s",
                name,
                kind,
                demand.widthOfFabric(),
                best,
                bound,
                Math.ceilDiv(best, EIGHTHS_OF_A_YARD),
                PlainStrips.plan(demand).length(),
                pieces);
    }

    private static int shortest(Demand demand, List<Strip> priced, String kind) {
        Set<List<Integer>> strips = new LinkedHashSet<>();
        priced.forEach(strip -> strips.add(counted(strip, demand.items())));
        int best = Integer.MAX_VALUE;
        Random shuffling = new Random(demand.hashCode());
        for (int n = 0; n < ORDERS; n++) {
            List<Item> order = new ArrayList<>(demand.items());
            if (n > 0) {
                Collections.shuffle(order, shuffling);
            }
            Demand again = new Demand(demand.widthOfFabric(), order, TALLEST_STRIP);
            int budget = YardagePlanner.USUAL_BUDGET * (n == 0 ? 16 : 3);
            YardagePlan plan = YardagePlanner.plan(again, CuttingStyle.THRIFTY, budget, length -> true);
            best = Math.min(best, plan.length());
            plan.strips().forEach(strip -> strips.add(inOrder(counted(strip, order), order, demand.items())));
        }
        best = Math.min(best, ofStrips(demand, strips, best));
        if (kind.equals("tiny") || kind.equals("small")) {
            OptionalInt proven = GeneralSolver.shortest(demand, SECONDS);
            best = proven.isPresent() ? Math.min(best, proven.getAsInt()) : best;
        }
        return best;
    }

    /** A strip's height, then how many it gives of each size. */
    private static List<Integer> counted(Strip strip, List<Item> items) {
        List<Integer> counted = new ArrayList<>(List.of(strip.height()));
        Arrays.stream(strip.counts(items.size())).forEach(counted::add);
        return counted;
    }

    private static List<Integer> inOrder(List<Integer> counted, List<Item> order, List<Item> items) {
        List<Integer> again = new ArrayList<>(List.of(counted.getFirst()));
        items.forEach(item -> again.add(counted.get(1 + order.indexOf(item))));
        return again;
    }

    private static int ofStrips(Demand demand, Set<List<Integer>> strips, int known) {
        Loader.loadNativeLibraries();
        MPSolver solver = MPSolver.createSolver("SCIP");
        solver.setTimeLimit(1000L * SECONDS);
        List<MPConstraint> wanted = demand.items().stream()
                .map(item -> solver.makeConstraint(item.count(), Double.POSITIVE_INFINITY))
                .toList();
        MPObjective length = solver.objective();
        length.setMinimization();
        for (List<Integer> strip : strips) {
            MPVariable times = solver.makeIntVar(0, known / strip.getFirst(), "");
            length.setCoefficient(times, strip.getFirst());
            IntStream.range(0, wanted.size())
                    .filter(i -> strip.get(i + 1) > 0)
                    .forEach(i -> wanted.get(i).setCoefficient(times, strip.get(i + 1)));
        }
        MPSolver.ResultStatus status = solver.solve();
        return status == MPSolver.ResultStatus.OPTIMAL || status == MPSolver.ResultStatus.FEASIBLE
                ? (int) Math.round(length.value())
                : known;
    }
}
