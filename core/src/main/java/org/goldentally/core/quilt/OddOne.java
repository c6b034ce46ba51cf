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
import org.goldentally.core.block.Block;
import org.goldentally.core.block.Figure;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.TopPart.Kind;

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

    /** A way of turning a block. */
    private record Turn(boolean mirrored, int quarterTurns) {

        Turn then(Turn next) {
            int turns = next.mirrored ? -quarterTurns : quarterTurns;
            return new Turn(mirrored != next.mirrored, Math.floorMod(turns + next.quarterTurns, 4));
        }
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
        private final Map<String, Map<Turn, Integer>> looks = new HashMap<>();

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

        private Map<List<Integer>, TopPart> grid(int step, int first) {
            Map<List<Integer>, TopPart> grid = new HashMap<>();
            for (TopPart part : top.parts()) {
                if (part.kind() == Kind.BLOCK && !part.blockKey().isEmpty() && part.row() % step == first) {
                    grid.put(List.of(part.row() / step, part.column()), part);
                }
            }
            return grid;
        }

        private List<OddOne> odd(Map<List<Integer>, TopPart> grid) {
            if (grid.size() < LEAST_BLOCKS) {
                return List.of();
            }
            int rows = 1 + grid.keySet().stream().mapToInt(List::getFirst).max().orElse(0);
            int columns =
                    1 + grid.keySet().stream().mapToInt(List::getLast).max().orElse(0);
            int most = Math.max(2, grid.size() / 8);
            Places places = places(grid);
            List<Pattern> repeats = new ArrayList<>();
            for (int r = 1; r <= LARGEST_REPEAT; r++) {
                for (int c = 1; c <= LARGEST_REPEAT; c++) {
                    if (3 * r * c <= grid.size()) {
                        repeats.add(repeat(places, r, c));
                    }
                }
            }
            return best(repeats, most)
                    .or(() ->
                            best(List.of(mirror(grid, rows, columns, true), mirror(grid, rows, columns, false)), most))
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

        private Places places(Map<List<Integer>, TopPart> grid) {
            List<Look> looks = grid.values().stream()
                    .map(this::look)
                    .distinct()
                    .sorted(Comparator.comparing(Look::toString))
                    .toList();
            int size = grid.size();
            Places places = new Places(new ArrayList<>(), new int[size], new int[size], new int[size], looks);
            grid.forEach((at, part) -> {
                int i = places.parts.size();
                places.row[i] = at.getFirst();
                places.column[i] = at.getLast();
                places.look[i] = looks.indexOf(look(part));
                places.parts.add(part);
            });
            return places;
        }

        /** The top is its own mirror image; where two places disagree, the one whose neighbours agree less is odd. */
        private Pattern mirror(Map<List<Integer>, TopPart> grid, int rows, int columns, boolean leftToRight) {
            List<Broken> broken = new ArrayList<>();
            Turn seen = leftToRight ? new Turn(true, 0) : new Turn(true, 2);
            Set<List<Integer>> done = new HashSet<>();
            for (Map.Entry<List<Integer>, TopPart> entry : grid.entrySet()) {
                List<Integer> at = entry.getKey();
                List<Integer> opposite = leftToRight
                        ? List.of(at.getFirst(), columns - 1 - at.getLast())
                        : List.of(rows - 1 - at.getFirst(), at.getLast());
                TopPart other = grid.get(opposite);
                if (other == null || !done.add(at) || (!opposite.equals(at) && done.contains(opposite))) {
                    continue;
                }
                Look expected = look(other, seen);
                if (!expected.equals(look(entry.getValue()))) {
                    broken.add(new Broken(entry.getValue(), expected));
                    if (!opposite.equals(at)) {
                        broken.add(new Broken(other, look(entry.getValue(), seen)));
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
            return looks(part.blockKey()).entrySet().stream()
                    .filter(look -> look.getValue() == expected.looks)
                    .map(Map.Entry::getKey)
                    .min((a, b) -> Integer.compare(rank(a), rank(b)))
                    .map(turn -> (turn.mirrored ? "mirrored" : "")
                            + (turn.mirrored && turn.quarterTurns > 0 ? " and " : "")
                            + (turn.quarterTurns > 0 ? "turned " + 90 * turn.quarterTurns + "°" : "")
                            + (turn.mirrored || turn.quarterTurns > 0 ? "" : "not turned"))
                    .orElse("otherwise");
        }

        private static int rank(Turn turn) {
            return (turn.mirrored ? 4 : 0) + turn.quarterTurns;
        }

        private Look look(TopPart part) {
            return look(part, new Turn(false, 0));
        }

        private Look look(TopPart part, Turn seen) {
            Turn turn = new Turn(part.placing().mirrored(), part.placing().quarterTurns()).then(seen);
            Integer known = looks(part.blockKey()).get(turn);
            return new Look(part.blockKey(), known == null ? -1 : known);
        }

        /** Of the eight ways to lay a block down, those that look the same get the same number. */
        private Map<Turn, Integer> looks(String blockKey) {
            return looks.computeIfAbsent(blockKey, key -> {
                Length w = top.sizes().blockWidth();
                Length h = top.sizes().blockHeight();
                Optional<Block> block = top.design().block(key);
                if (block.isEmpty()) {
                    return Map.of();
                }
                Figure figure = Figure.of(
                        block.get(), w, h, top.design()::block, top.design().system());
                Map<Set<List<Object>>, Integer> numbers = new HashMap<>();
                Map<Turn, Integer> byTurn = new HashMap<>();
                for (int turns = 0; turns < 4; turns++) {
                    for (boolean mirrored : new boolean[] {false, true}) {
                        Placing placing = Placing.turned(w, h, mirrored, turns, Length.ZERO, Length.ZERO);
                        Set<List<Object>> patches = new HashSet<>();
                        figure.patches().forEach(patch -> {
                            Set<Point> corners =
                                    Set.copyOf(placing.apply(patch.outline()).corners());
                            patches.add(List.of(corners, patch.cloth()));
                        });
                        byTurn.put(new Turn(mirrored, turns), numbers.computeIfAbsent(patches, any -> numbers.size()));
                    }
                }
                return byTurn;
            });
        }
    }
}
