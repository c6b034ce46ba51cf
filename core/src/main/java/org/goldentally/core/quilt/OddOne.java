package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.Figure;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.TopPart.Kind;
import org.jspecify.annotations.Nullable;

/**
 * A block that stands otherwise than the pattern round it suggests.
 *
 * <ol>
 *   <li>Each place gets a look: its block as it is turned. Turned blocks that look the same have the same look.
 *   <li>Repeats of up to four rows by four columns are tried; if none holds, mirroring left to right and top to bottom.
 *   <li>A pattern holds if all but a few places follow it: one in eight, or at least two (our own limits).
 *   <li>Of those that hold, the one that is broken least often counts; of these the smallest. What breaks it is odd.
 * </ol>
 *
 * @param expected how the pattern would have it, in words
 */
public record OddOne(TopPart part, String expected) {

    private static final int LARGEST_REPEAT = 4;

    /** Fewer blocks than this make no pattern. */
    private static final int LEAST_BLOCKS = 6;

    /** What is to be seen at a place. */
    private record Look(String blockKey, int looks) {}

    /** Ways to lay a block down: by quarter turns, and mirrored by quarter turns; each has a number. */
    private static final int WAYS = 8;

    private static final int MIRRORED = 4;
    private static final int NOT_TURNED = 0;

    private static int way(boolean mirrored, int quarterTurns) {
        return (mirrored ? MIRRORED : 0) + quarterTurns;
    }

    private static boolean isMirrored(int way) {
        return way >= MIRRORED;
    }

    private static int quarterTurns(int way) {
        return way % MIRRORED;
    }

    private static int then(int way, int next) {
        int turns = isMirrored(next) ? -quarterTurns(way) : quarterTurns(way);
        return way(isMirrored(way) != isMirrored(next), Math.floorMod(turns + quarterTurns(next), 4));
    }

    /** A pattern's opinion: which other places should look like this one, each seen as told. */
    private record Pattern(int cost, List<Broken> broken) {}

    /** A place that breaks a pattern, and how it should look. */
    private record Broken(TopPart part, Look expected) {}

    static List<OddOne> in(QuiltTop top) {
        return new Grids(top).all();
    }

    /** The blocks of a top as one grid, or as two that lie across each other on point. */
    private static final class Grids {
        private final QuiltTop top;
        private final Map<String, Look[]> looks = new HashMap<>();

        Grids(QuiltTop top) {
            this.top = top;
        }

        List<OddOne> all() {
            boolean onPoint = top.design().setting().kind() == SettingDesign.Kind.ON_POINT;
            if (!onPoint) {
                return odd(grid(1, 0));
            }
            List<OddOne> odd = new ArrayList<>(odd(grid(2, 0)));
            odd.addAll(odd(grid(2, 1)));
            return odd;
        }

        /** What hangs where, by rows and columns; null where nothing does. */
        private record Grid(@Nullable TopPart[][] at, List<TopPart> parts, int step) {

            int row(TopPart part) {
                return part.row() / step;
            }

            int columns() {
                return at.length == 0 ? 0 : at[0].length;
            }
        }

        private Grid grid(int step, int first) {
            List<TopPart> parts = top.parts().stream()
                    .filter(part ->
                            part.kind() == Kind.BLOCK && !part.blockKey().isEmpty() && part.row() % step == first)
                    .toList();
            int rows =
                    parts.stream().mapToInt(part -> 1 + part.row() / step).max().orElse(0);
            int columns =
                    parts.stream().mapToInt(part -> 1 + part.column()).max().orElse(0);
            Grid grid = new Grid(new TopPart[rows][columns], parts, step);
            parts.forEach(part -> grid.at[grid.row(part)][part.column()] = part);
            return grid;
        }

        private List<OddOne> odd(Grid grid) {
            int size = grid.parts.size();
            if (size < LEAST_BLOCKS) {
                return List.of();
            }
            int most = Math.max(2, size / 8);
            Places places = places(grid);
            List<Pattern> repeats = new ArrayList<>();
            for (int r = 1; r <= LARGEST_REPEAT; r++) {
                for (int c = 1; c <= LARGEST_REPEAT; c++) {
                    if (3 * r * c <= size) {
                        repeats.add(repeat(places, r, c));
                    }
                }
            }
            return best(repeats, most)
                    .or(() -> best(List.of(mirror(grid, true), mirror(grid, false)), most))
                    .map(pattern -> pattern.broken().stream()
                            .map(broken -> new OddOne(broken.part, say(broken.part, broken.expected)))
                            .toList())
                    .orElse(List.of());
        }

        private static Optional<Pattern> best(List<Pattern> patterns, int most) {
            return patterns.stream()
                    .filter(pattern -> pattern.broken.size() <= most)
                    .min(Comparator.comparingInt((Pattern pattern) -> pattern.broken.size())
                            .thenComparingInt(Pattern::cost));
        }

        /** Places so many rows and columns apart look alike; the look of most of them is the pattern's. */
        private Pattern repeat(Places places, int rows, int columns) {
            int[][] votes = new int[rows * columns][places.looks.size()];
            for (int i = 0; i < places.parts.size(); i++) {
                votes[places.repeated(i, rows, columns)][places.look[i]]++;
            }
            int[] winners = new int[votes.length];
            boolean clear = true;
            for (int k = 0; k < votes.length; k++) {
                winners[k] = winner(votes[k]);
                // Where every other repeat is broken there is no telling which is the odd one: it needs a majority.
                clear &= 3 * votes[k][winners[k]] >= 2 * Arrays.stream(votes[k]).sum();
            }
            if (!clear) {
                return new Pattern(0, tooMany(places.parts));
            }
            List<Broken> broken = new ArrayList<>();
            for (int i = 0; i < places.parts.size(); i++) {
                int winner = winners[places.repeated(i, rows, columns)];
                if (winner != places.look[i]) {
                    broken.add(new Broken(places.parts.get(i), places.looks.get(winner)));
                }
            }
            return new Pattern(rows * columns, sorted(broken));
        }

        private static int winner(int[] votes) {
            int most = 0;
            for (int look = 1; look < votes.length; look++) {
                if (votes[look] >= votes[most]) {
                    most = look;
                }
            }
            return most;
        }

        /**
         * The blocks of a grid with how each looks, by number, so that many repeats are tried quickly.
         *
         * @param looks all that there are; of two with as many votes the later one wins
         */
        private record Places(List<TopPart> parts, int[] row, int[] column, int[] look, List<Look> looks) {

            int repeated(int i, int rows, int columns) {
                return row[i] % rows * columns + column[i] % columns;
            }
        }

        private Places places(Grid grid) {
            List<Look> looks = grid.parts.stream()
                    .map(this::look)
                    .distinct()
                    .sorted(Comparator.comparing(Look::toString))
                    .toList();
            Map<Look, Integer> numbers = new HashMap<>();
            looks.forEach(look -> numbers.put(look, numbers.size()));
            int[] row = grid.parts.stream().mapToInt(grid::row).toArray();
            int[] column = grid.parts.stream().mapToInt(TopPart::column).toArray();
            int[] look = grid.parts.stream()
                    .mapToInt(part -> numbers.getOrDefault(look(part), 0))
                    .toArray();
            return new Places(grid.parts, row, column, look, looks);
        }

        /** The top is its own mirror image; where two places disagree, the one whose neighbours agree less is odd. */
        private Pattern mirror(Grid grid, boolean leftToRight) {
            List<Broken> broken = new ArrayList<>();
            int seen = leftToRight ? way(true, 0) : way(true, 2);
            for (TopPart part : grid.parts) {
                int row = grid.row(part);
                int column = part.column();
                int acrossRow = leftToRight ? row : grid.at.length - 1 - row;
                int acrossColumn = leftToRight ? grid.columns() - 1 - column : column;
                TopPart other = grid.at[acrossRow][acrossColumn];
                boolean later = leftToRight ? column > acrossColumn : row > acrossRow;
                if (other == null || later) {
                    continue;
                }
                Look expected = look(other, seen);
                if (!expected.equals(look(part))) {
                    broken.add(new Broken(part, expected));
                    if (!other.id().equals(part.id())) {
                        broken.add(new Broken(other, look(part, seen)));
                    }
                }
            }
            // Either of two that differ may be the odd one, so a broken mirroring is weaker than a broken repeat.
            return new Pattern(LARGEST_REPEAT * LARGEST_REPEAT + 1, sorted(broken));
        }

        private static List<Broken> tooMany(Collection<TopPart> parts) {
            return parts.stream()
                    .map(part -> new Broken(part, new Look("", -1)))
                    .toList();
        }

        private static List<Broken> sorted(List<Broken> broken) {
            return broken.stream()
                    .sorted((a, b) -> a.part.row() == b.part.row()
                            ? Integer.compare(a.part.column(), b.part.column())
                            : Integer.compare(a.part.row(), b.part.row()))
                    .toList();
        }

        private String say(TopPart part, Look expected) {
            if (!expected.blockKey.equals(part.blockKey())) {
                return top.design().block(expected.blockKey).map(Block::name).orElse("another block");
            }
            Look[] known = looks(part.blockKey());
            return IntStream.range(0, known.length)
                    .filter(way -> known[way].looks == expected.looks)
                    .mapToObj(OddOne::say)
                    .findFirst()
                    .orElse("otherwise");
        }

        private Look look(TopPart part) {
            return look(part, NOT_TURNED);
        }

        private Look look(TopPart part, int seen) {
            Placing placing = part.placing();
            Look[] known = looks(part.blockKey());
            int way = then(way(placing.mirrored(), placing.quarterTurns()), seen);
            return known.length == 0 ? new Look(part.blockKey(), -1) : known[way];
        }

        /** Of the eight ways to lay a block down, those that look the same have the same look. */
        private Look[] looks(String blockKey) {
            return looks.computeIfAbsent(blockKey, key -> {
                Length w = top.sizes().blockWidth();
                Length h = top.sizes().blockHeight();
                Optional<Block> block = top.design().block(key);
                if (block.isEmpty()) {
                    return new Look[0];
                }
                Figure figure = Figure.of(
                        block.get(), w, h, top.design()::block, top.design().system());
                Map<Set<List<Object>>, Look> known = new HashMap<>();
                Look[] byWay = new Look[WAYS];
                for (int way = 0; way < WAYS; way++) {
                    Placing placing =
                            Placing.turned(w, h, isMirrored(way), quarterTurns(way), Length.ZERO, Length.ZERO);
                    Set<List<Object>> patches = new HashSet<>();
                    figure.patches().forEach(patch -> {
                        Set<Point> corners =
                                Set.copyOf(placing.apply(patch.outline()).corners());
                        patches.add(List.of(corners, patch.cloth()));
                    });
                    byWay[way] = known.computeIfAbsent(patches, any -> new Look(key, known.size()));
                }
                return byWay;
            });
        }
    }

    private static String say(int way) {
        boolean turned = quarterTurns(way) > 0;
        if (!turned) {
            return isMirrored(way) ? "mirrored" : "not turned";
        }
        return (isMirrored(way) ? "mirrored and " : "") + "turned " + 90 * quarterTurns(way) + "°";
    }
}
