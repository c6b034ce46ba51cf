package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.goldentally.core.block.Figure;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.problem.Known;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.sew.PressingMap.Direction;

/**
 * How the blocks of a top, and its rows, are pressed, so that seams also nest where blocks meet.
 *
 * <p>Blocks that are sewn alike are pressed in one way or in two. What then still meets pressed the same way is pressed
 * open on one side.
 *
 * @param rows the top inside its borders, turned so that its rows lie level
 * @param opened every seam of a single block that is to be pressed open
 */
public record TopPressing(List<Sort> sorts, Optional<Layout> rows, List<Opened> opened) {

    /**
     * Blocks that are sewn alike, their cloths apart.
     *
     * @param key of each of them
     * @param ways the one that most blocks are pressed in comes first
     */
    public record Sort(BatchKey.Blocks key, List<Way> ways) {}

    /**
     * One way of pressing a block.
     *
     * @param letter A or B
     * @param parts the blocks pressed in this way
     */
    public record Way(String letter, Layout layout, List<TopPart> parts) {}

    /**
     * A seam that is to be pressed open, since it cannot nest with a neighbour's.
     *
     * @param part the block that it is in; empty for a seam that joins parts of the top
     * @param seam its place in the layout of its block, or of the rows
     * @param beside the block that it meets; empty for a seam of the rows
     */
    public record Opened(Optional<TopPart> part, int seam, Assembly.Seam onTop, Optional<TopPart> beside) {}

    /** Blocks with the same key are sewn alike: a block and its mirror image are not. */
    public static BatchKey.Blocks sortOf(TopPart part) {
        return BatchKey.Blocks.of(part);
    }

    /** Presses every seam of a top so that as many as can be lie against each other where they meet. */
    public static TopPressing of(QuiltTop top) {
        ReadDesign design = top.read();
        RowsFrame frame = RowsFrame.of(top);
        Map<BatchKey.Blocks, List<TopPart>> bySort = new LinkedHashMap<>();
        top.parts().stream()
                .filter(part -> part.isBlock() && !part.blockKey().isEmpty())
                .forEach(part -> bySort.computeIfAbsent(sortOf(part), any -> new ArrayList<>())
                        .add(part));
        SeamMeetings meetings = new SeamMeetings();
        Map<BatchKey.Blocks, Layout> layouts = new LinkedHashMap<>();
        bySort.forEach((key, parts) -> {
            List<Figure> dressings = new ArrayList<>();
            Set<Figure> known = Collections.newSetFromMap(new IdentityHashMap<>());
            parts.stream().map(TopPart::figure).filter(known::add).forEach(dressings::add);
            Layout layout = Layout.of(dressings, parts.getFirst().placing().mirrored(), design);
            layouts.put(key, layout);
            meetings.add(layout, parts, frame);
        });
        Optional<Layout> rows = Layout.of(top, frame);
        rows.ifPresent(meetings::addRows);
        return new Solved(meetings, new Nesting(meetings, frame.onPoint())).pressing(layouts, rows);
    }

    /** From the search to words that a quilter knows. */
    private record Solved(SeamMeetings meetings, Nesting nesting) {

        TopPressing pressing(Map<BatchKey.Blocks, Layout> layouts, Optional<Layout> rows) {
            Map<BatchKey.Blocks, Map<List<Direction>, Way>> bySort = new LinkedHashMap<>();
            for (int i = 0; i < meetings.spots().size(); i++) {
                PressingMap map = nesting.map(i);
                meetings.spots()
                        .get(i)
                        .part()
                        .ifPresent(part -> bySort.computeIfAbsent(sortOf(part), any -> new LinkedHashMap<>())
                                .computeIfAbsent(
                                        map.directions(),
                                        any -> new Way(
                                                "",
                                                Known.of(layouts, sortOf(part)).pressed(map),
                                                new ArrayList<>()))
                                .parts()
                                .add(part));
            }
            List<Opened> opened = new ArrayList<>();
            nesting.opened()
                    .forEach((seam, beside) -> opened.add(new Opened(
                            meetings.spots().get(seam.spot()).part(), seam.seam(), meetings.onTop(seam), beside)));
            List<Sort> sorts = new ArrayList<>();
            bySort.forEach((key, ways) -> sorts.add(new Sort(key, lettered(ways.values()))));
            return new TopPressing(
                    List.copyOf(sorts), rows.map(layout -> layout.pressed(rows(opened))), List.copyOf(opened));
        }

        private static List<Way> lettered(Collection<Way> ways) {
            List<Way> lettered = new ArrayList<>();
            ways.stream()
                    .sorted(Comparator.comparingInt(way -> -way.parts().size()))
                    .forEach(way -> lettered.add(new Way(
                            Character.toString('A' + lettered.size()), way.layout(), List.copyOf(way.parts()))));
            return lettered;
        }

        /** They come last of the spots. */
        private PressingMap rows(List<Opened> opened) {
            return nesting.map(meetings.spots().size() - 1)
                    .opened(seam -> opened.stream().anyMatch(each -> each.part().isEmpty() && each.seam() == seam));
        }
    }

    /** Of the blocks that are sewn like this one. */
    public Optional<Sort> sort(TopPart part) {
        return sorts.stream().filter(sort -> sort.key().equals(sortOf(part))).findFirst();
    }

    /** In which way a block is pressed, where there are several; else empty. */
    public Optional<Way> way(TopPart part) {
        return sort(part)
                .filter(sort -> sort.ways().size() > 1)
                .flatMap(sort -> sort.ways().stream()
                        .filter(way -> way.parts().stream()
                                .anyMatch(other -> other.id().equals(part.id())))
                        .findFirst());
    }

    /** Seams of a block, or beside it, that are pressed open. */
    public List<Opened> openedIn(TopPart part) {
        return opened.stream()
                .filter(each -> each.part()
                        .filter(other -> other.id().equals(part.id()))
                        .isPresent())
                .toList();
    }
}
