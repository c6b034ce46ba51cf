package org.goldentally.core.cutting.yardage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntUnaryOperator;
import java.util.stream.Collectors;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.cutting.yardage.Demand.Item;

/**
 * The lists of {@code cutting-along.txt}, open to whoever plans such things: borders cut along the cloth and pieces of blocks, in
 * eighths of an inch, each with the shortest length that is known, found by sixteen times the usual search, and with a
 * bound by area. {@link #main} makes them anew under a seed; that takes some minutes.
 */
public record AlongLists(String name, Demand demand, int best, int bound) {

    private static final Path FILE = Path.of("src", "test", "resources", "cutting-along.txt");
    private static final int TALLEST_STRIP = 160;
    private static final int LISTS = 40;
    private static final int LONG_SEARCH = 16;

    /** All forty. */
    public static List<AlongLists> all() throws IOException {
        return Files.readAllLines(FILE).stream()
                .filter(line -> !line.startsWith("#"))
                .map(AlongLists::read)
                .toList();
    }

    private static AlongLists read(String line) {
        String[] parts = line.split("; ");
        List<Item> items = Arrays.stream(parts[4].split(" "))
                .map(each -> {
                    String[] sizes = each.replace("r", "").split("x");
                    return new Item(
                            Integer.parseInt(sizes[0]),
                            Integer.parseInt(sizes[1]),
                            Integer.parseInt(sizes[2]),
                            each.endsWith("r"));
                })
                .toList();
        Demand demand = new Demand(Integer.parseInt(parts[1]), items, TALLEST_STRIP);
        return new AlongLists(parts[0], demand, Integer.parseInt(parts[2]), Integer.parseInt(parts[3]));
    }

    /** One or two borders, two sides of each length, and two to five sizes of other pieces. */
    static List<Item> items(Chance chance) {
        List<Item> items = new ArrayList<>();
        for (int border = chance.between(1, 2); border > 0; border--) {
            int wide = 8 * chance.between(2, 7) + 4;
            items.add(new Item(wide, 8 * chance.between(40, 89) + 4, 2, false));
            items.add(new Item(wide, 8 * chance.between(35, 79) + 4, 2, false));
        }
        for (int more = chance.between(2, 5); more > 0; more--) {
            int side = 8 * chance.between(2, 11) + chance.of(4, 7, 8, 12);
            items.add(
                    chance.between(1, 3) == 1
                            ? new Item(side, 8 * chance.between(1, 13) + 4, chance.between(4, 59), true)
                            : new Item(side, side, chance.between(8, 119), false));
        }
        return items;
    }

    public static void main(String[] args) throws IOException {
        Chance chance = new Chance(Long.parseLong(args[0]));
        List<AlongLists> lists = new ArrayList<>();
        for (int n = 0; n < LISTS; n++) {
            Demand demand = new Demand(chance.between(1, 4) == 1 ? 336 : 320, items(chance), TALLEST_STRIP);
            int best = Math.min(plan(demand, 1), plan(demand, LONG_SEARCH));
            int bound = Math.toIntExact(Math.ceilDiv(demand.area(), (long) demand.widthOfFabric()));
            lists.add(new AlongLists("along-" + n, demand, best, bound));
        }
        lists.sort(Comparator.comparingInt(list -> list.demand().items().size()));
        List<String> lines = new ArrayList<>();
        lines.add(
                "# name; width of the fabric; shortest length known; bound by area; width x height x count of pieces, r may be turned; eighths of an inch");
        lists.forEach(list ->
                lines.add(list.name + "; " + list.demand.widthOfFabric() + "; " + list.best + "; " + list.bound + "; "
                        + list.demand.items().stream()
                                .map(item -> item.width() + "x" + item.height() + "x" + item.count()
                                        + (item.turnable() ? "r" : ""))
                                .collect(Collectors.joining(" "))));
        Files.write(FILE, lines);
    }

    private static int plan(Demand demand, int times) {
        return SectionPlanner.plan(
                        demand,
                        CuttingStyle.THRIFTY,
                        times * YardagePlanner.USUAL_BUDGET,
                        IntUnaryOperator.identity(),
                        length -> true)
                .length();
    }
}
