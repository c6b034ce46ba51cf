package org.goldentally.app.sew;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.goldentally.app.sew.CardView.LayoutPicture;
import org.goldentally.app.sew.LayoutPictures.Drawn;
import org.goldentally.core.block.Figure;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.quilt.PartId;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.sew.Assembly;
import org.goldentally.core.sew.Batch;
import org.goldentally.core.sew.Layout;
import org.goldentally.core.sew.Layout.LaidPiece;
import org.goldentally.core.sew.LayoutWords;
import org.goldentally.core.sew.RowsFrame;
import org.goldentally.core.sew.StripSteps;
import org.goldentally.core.sew.TopPressing;
import org.goldentally.core.sew.TopPressing.Opened;
import org.goldentally.core.sew.TopPressing.Way;

/** What is laid out on a card: the block where a unit sits, a block in each way of pressing it, the rows of the top. */
final class BatchLayouts {

    private static final int MOST_NAMED = 20;
    private static final int MOST_DIFFERENCES = 4;

    private final QuiltTop top;
    private final LayoutPictures pictures;
    private final Supplier<TopPressing> pressings;

    /** @param pressings gives how the top is pressed; not asked where only a unit's place is shown */
    BatchLayouts(QuiltTop top, LengthWriter writer, Map<String, Integer> clothPlaces, Supplier<TopPressing> pressings) {
        this.top = top;
        this.pictures = new LayoutPictures(writer, clothPlaces);
        this.pressings = pressings;
    }

    List<LayoutPicture> of(Batch batch, Optional<TopPart> home) {
        return switch (batch.kind()) {
            case ROWS -> rows().stream().toList();
            case HALVES, UNITS ->
                home.map(part -> block(part, alone(part), part.name(), List.of())).stream()
                        .toList();
            case BLOCKS ->
                batch.inner()
                        .map(inner -> List.of(inner(inner)))
                        .orElseGet(() -> home.map(this::blocks).orElse(List.of()));
            default -> List.of();
        };
    }

    /** A row of units, as it is sewn before it is sewn on. */
    LayoutPicture of(StripSteps.Row row) {
        return drawn(row.figure(), false, Layout.of(List.of(row.figure()), false, top.read()), row.name(), row.notes());
    }

    /** The pieces of the block that come of this set. */
    List<Integer> lit(MadeSet set, TopPart home) {
        Set<String> names = new HashSet<>();
        Set<Set<String>> cloths = new HashSet<>();
        set.groups().forEach(units -> {
            names.add(units.unit().name());
            cloths.add(Set.copyOf(new HashSet<>(units.cloths())));
        });
        return alone(home).pieces().stream()
                .filter(piece -> names.contains(piece.what()))
                .filter(piece -> cloths.contains(Set.copyOf(new HashSet<>(piece.cloths()))))
                .map(LaidPiece::number)
                .toList();
    }

    /** A block that is set into others, by itself. */
    private LayoutPicture inner(Figure.InnerBlock inner) {
        Figure figure = Figure.of(
                inner.block(),
                inner.finishedWidth(),
                inner.finishedHeight(),
                top.design()::block,
                top.design().system());
        Layout layout = Layout.of(List.of(figure), inner.mirrored(), top.read());
        return drawn(figure, inner.mirrored(), layout, inner.block().name(), List.of());
    }

    private Layout alone(TopPart part) {
        return Layout.of(List.of(part.figure()), part.placing().mirrored(), top.read());
    }

    private List<LayoutPicture> blocks(TopPart home) {
        TopPressing pressing = pressings.get();
        List<Way> ways = pressing.sort(home).orElseThrow().ways();
        Map<PartId, Integer> numbers = numbers(pressing);
        List<LayoutPicture> drawn = new ArrayList<>();
        for (Way way : ways) {
            List<String> notes = new ArrayList<>();
            if (ways.size() > 1) {
                notes.add(
                        "Way " + way.letter() + ", " + blocks(way.parts().size()) + ": " + places(way.parts(), numbers)
                                + " in the picture of the rows."
                                + (way.equals(ways.getFirst()) ? "" : " " + against(way, ways.getFirst())));
            }
            List<Opened> opened = way.parts().stream()
                    .flatMap(part -> pressing.openedIn(part).stream())
                    .toList();
            notes.addAll(say(opened, numbers));
            String name = home.name() + (ways.size() > 1 ? ", pressed in way " + way.letter() : "");
            TopPart shown = ways.size() > 1 ? way.parts().getFirst() : home;
            drawn.add(block(shown, way.layout(), name, notes));
        }
        return drawn;
    }

    private static String blocks(int count) {
        return count + (count == 1 ? " block" : " blocks");
    }

    /** What is otherwise than in way A: named while it is little. */
    private static String against(Way way, Way first) {
        List<String> presses = LayoutWords.presses(way.layout());
        List<String> other = new ArrayList<>(presses);
        other.removeAll(LayoutWords.presses(first.layout()));
        if (other.size() == presses.size()) {
            return "Every seam the other way than in way A.";
        }
        return other.size() > MOST_DIFFERENCES
                ? other.size() + " of " + presses.size() + " seams the other way than in way A."
                : "Otherwise than in way A: " + String.join("; ", other) + ".";
    }

    /** What a block is called: its number in the picture of the rows. */
    private static Map<PartId, Integer> numbers(TopPressing pressing) {
        return pressing.rows()
                .map(rows -> rows.pieces().stream()
                        .filter(piece -> piece.id().isPresent())
                        .collect(Collectors.toMap(piece -> piece.id().get(), LaidPiece::number)))
                .orElse(Map.of());
    }

    private static String places(List<TopPart> parts, Map<PartId, Integer> numbers) {
        return parts.stream()
                .map(part -> numbers.getOrDefault(part.id(), 0))
                .sorted()
                .map(number -> "" + number)
                .collect(Collectors.joining(", "));
    }

    private static List<String> say(List<Opened> opened, Map<PartId, Integer> numbers) {
        List<String> said = new ArrayList<>(opened.stream()
                .limit(MOST_NAMED)
                .map(each -> say(each, numbers))
                .toList());
        if (opened.size() > MOST_NAMED) {
            said.add("And " + (opened.size() - MOST_NAMED)
                    + " more seams are pressed open: the rows of the top show them in red.");
        }
        return said;
    }

    private static String say(Opened opened, Map<PartId, Integer> numbers) {
        String where = opened.part()
                .map(part -> "Block " + numbers.getOrDefault(part.id(), 0) + ": press the seam between its pieces ")
                .orElse("Between the blocks press the seam between ");
        return where + pieces(opened.onTop().first()) + " and "
                + pieces(opened.onTop().second())
                + " open; it meets one of "
                + opened.beside()
                        .map(part -> "block " + numbers.getOrDefault(part.id(), 0))
                        .orElse("the seams between the blocks")
                + " that lies the same way.";
    }

    private static String pieces(Assembly.Part part) {
        return numbers(part).stream().sorted().map(number -> "" + number).collect(Collectors.joining(" + "));
    }

    private static List<Integer> numbers(Assembly.Part part) {
        return switch (part) {
            case Assembly.Single single -> List.of(single.number());
            case Assembly.Joined joined ->
                joined.parts().stream().flatMap(each -> numbers(each).stream()).toList();
            case Assembly.PartialSeams partial ->
                partial.parts().stream().map(Assembly.Single::number).toList();
        };
    }

    private LayoutPicture block(TopPart part, Layout layout, String name, List<String> notes) {
        return drawn(part.figure(), part.placing().mirrored(), layout, name, notes);
    }

    private LayoutPicture drawn(Figure figure, boolean mirrored, Layout layout, String name, List<String> notes) {
        Placing seen = Layout.seen(figure, mirrored);
        List<Drawn> patches = figure.patches().stream()
                .map(patch -> new Drawn(seen.apply(patch.outline()), patch))
                .toList();
        return pictures.of(name, layout, patches, Map.of(), List.of(), notes);
    }

    private Optional<LayoutPicture> rows() {
        TopPressing pressing = pressings.get();
        RowsFrame frame = RowsFrame.of(top);
        List<Drawn> patches = top.parts().stream()
                .filter(part -> !part.isOfBorder())
                .flatMap(part -> part.figure().patches().stream()
                        .map(patch -> new Drawn(frame.apply(part.placing().apply(patch.outline())), patch)))
                .toList();
        Map<PartId, String> letters = new LinkedHashMap<>();
        top.parts().forEach(part -> pressing.way(part).ifPresent(way -> letters.put(part.id(), way.letter())));
        List<String> notes = new ArrayList<>();
        if (frame.onPoint()) {
            notes.add("The picture is turned so that the diagonal rows lie level. The four corner triangles come last;"
                    + " press their seams towards them.");
        }
        if (!letters.isEmpty()) {
            notes.add("A and B say in which way each block is pressed: laid out like this, its seams nest with its"
                    + " neighbours'.");
        }
        notes.addAll(say(pressing.opened(), numbers(pressing)));
        return pressing.rows()
                .map(layout ->
                        pictures.of("the top inside its borders", layout, patches, letters, pressing.opened(), notes));
    }
}
