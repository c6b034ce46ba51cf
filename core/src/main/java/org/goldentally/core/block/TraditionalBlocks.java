package org.goldentally.core.block;

import static org.goldentally.core.block.BlockNotation.read;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.goldentally.core.unit.UnitKind;

/**
 * The shelf of traditional blocks, all common property, from memory; their names differ from place to place. Cloth
 * {@code a} is the background.
 */
public final class TraditionalBlocks {

    public static final List<Block> ALL = List.of(
            // One cell
            read("plain-square", "Plain Square", "1", "1", "p:b"),
            read("half-square-triangle", "Half-Square Triangle", "1", "1", "h:ba"),
            read("hourglass", "Hourglass", "1", "1", "q:baba"),
            read("four-cloth-hourglass", "Hourglass of Four Cloths", "1", "1", "q:abcd"),
            read("snowball", "Snowball", "1", "1", "c4~1/3:ab"),
            read("square-in-square", "Square in a Square", "1", "1", "c4~1/2:ba"),
            read("birds-in-the-air", "Birds in the Air", "1", "1", "r3:abc"),
            read("three-strips", "Segment of Three Strips", "1", "1", "l3:bac"),
            // 2 × 2
            read("four-patch", "Four Patch", "1 1", "1 1", "p:b p:a", "p:a p:b"),
            read("pinwheel", "Pinwheel", "1 1", "1 1", "h.1:ba h.2:ba", "h.0:ba h.3:ba"),
            read("broken-dishes", "Broken Dishes", "1 1", "1 1", "h.1:ba h.0:ca", "h.2:ca h.3:ba"),
            read("diamond", "Diamond of Half-Squares", "1 1", "1 1", "h.2:ba h.3:ba", "h.1:ba h.0:ba"),
            read("chevron", "Chevron", "1 1", "1 1", "h.2:ba h.3:ba", "h.0:ba h.1:ba"),
            read("bow-tie", "Bow Tie", "1 1", "1 1", "c1.1:ab p:b", "p:b c1.3:ab"),
            read("big-dipper", "Big Dipper", "1 1", "1 1", "q:baba q:abab", "q:abab q:baba"),
            read("double-pinwheel", "Double Pinwheel", "1 1", "1 1", "s.1:bca s.2:bca", "s.0:bca s.3:bca"),
            read("rail-fence", "Rail Fence", "1 1", "1 1", "l3:bac l3.1:bac", "l3.1:bac l3:bac"),
            read("double-four-patch", "Double Four Patch", "1 1", "1 1", "p:a b:four-patch", "b:four-patch p:a"),
            read("striped-pinwheel", "Striped Pinwheel", "1 1", "1 1", "z:bba z.1:bba", "z.3:bba z.2:bba"),
            // 3 × 3
            read("nine-patch", "Nine Patch", "1 1 1", "1 1 1", "p:b p:a p:b", "p:a p:b p:a", "p:b p:a p:b"),
            read(
                    "friendship-star",
                    "Friendship Star",
                    "1 1 1",
                    "1 1 1",
                    "p:a h.3:ba p:a",
                    "h.2:ba p:b h.0:ba",
                    "p:a h.1:ba p:a"),
            read("shoo-fly", "Shoo Fly", "1 1 1", "1 1 1", "h.2:ba p:a h.3:ba", "p:a p:b p:a", "h.1:ba p:a h.0:ba"),
            read(
                    "churn-dash",
                    "Churn Dash",
                    "1 1 1",
                    "1 1 1",
                    "h.2:ba l2:ba h.3:ba",
                    "l2.3:ba p:a l2.1:ba",
                    "h.1:ba l2.2:ba h.0:ba"),
            read(
                    "greek-cross",
                    "Greek Cross",
                    "1 1 1",
                    "1 1 1",
                    "h.2:ba l2:ab h.3:ba",
                    "l2.3:ab p:b l2.1:ab",
                    "h.1:ba l2.2:ab h.0:ba"),
            read(
                    "ohio-star",
                    "Ohio Star",
                    "1 1 1",
                    "1 1 1",
                    "p:a q:abcb p:a",
                    "q.3:abcb p:b q.1:abcb",
                    "p:a q.2:abcb p:a"),
            read(
                    "swamp-angel",
                    "Swamp Angel",
                    "1 1 1",
                    "1 1 1",
                    "h.2:ca q:abab h.3:ca",
                    "q.3:abab p:c q.1:abab",
                    "h.1:ca q.2:abab h.0:ca"),
            read(
                    "combination-star",
                    "Combination Star",
                    "1 1 1",
                    "1 1 1",
                    "c4:ca q:abab c4:ca",
                    "q.1:abab p:c q.1:abab",
                    "c4:ca q:abab c4:ca"),
            read(
                    "eccentric-star",
                    "Eccentric Star",
                    "1 1 1",
                    "1 1 1",
                    "h.2:ba h.3:ba h.3:ba",
                    "h.2:ba p:b h.0:ba",
                    "h.1:ba h.1:ba h.0:ba"),
            read(
                    "rolling-stone",
                    "Rolling Stone",
                    "1 1 1",
                    "1 1 1",
                    "c4:ba l2:ac c4:ba",
                    "l2.3:ac p:b l2.1:ac",
                    "c4:ba l2.2:ac c4:ba"),
            read(
                    "card-trick",
                    "Card Trick",
                    "1 1 1",
                    "1 1 1",
                    "h.0:ab s.0:abc h.1:ac",
                    "s.3:aeb q:cdeb s.1:acd",
                    "h.3:ae s.2:ade h.2:ad"),
            read(
                    "jacobs-ladder",
                    "Jacob's Ladder",
                    "1 1 1",
                    "1 1 1",
                    "b:four-patch h.0:ca b:four-patch",
                    "h.0:ca b:four-patch h.2:ca",
                    "b:four-patch h.2:ca b:four-patch"),
            read(
                    "contrary-wife",
                    "Contrary Wife",
                    "1 1 1",
                    "1 1 1",
                    "p:a h.2:ba p:c",
                    "h.2:ba p:c h.0:ba",
                    "p:c h.0:ba p:a"),
            read(
                    "split-nine-patch",
                    "Split Nine Patch",
                    "1 1 1",
                    "1 1 1",
                    "p:b p:a h.0:ac",
                    "p:a h.0:ac p:c",
                    "h.0:ac p:c p:b"),
            // 4 × 4
            read(
                    "dutchmans-puzzle",
                    "Dutchman's Puzzle",
                    "1 1 1 1",
                    "1 1 1 1",
                    "g.0*2x1:ba . g.1*1x2:ca g.1*1x2:ba",
                    "g.0*2x1:ca . . .",
                    "g.3*1x2:ba g.3*1x2:ca g.2*2x1:ca .",
                    ". . g.2*2x1:ba ."),
            read(
                    "flock-of-geese",
                    "Flock of Geese",
                    "1 1 1 1",
                    "1 1 1 1",
                    "h.0:ba h.0:ba h.0*2x2:ca .",
                    "h.0:ba h.0:ba . .",
                    "h.0*2x2:ca . h.0:ba h.0:ba",
                    ". . h.0:ba h.0:ba"),
            read(
                    "crosses-and-losses",
                    "Crosses and Losses",
                    "1 1 1 1",
                    "1 1 1 1",
                    "h.0*2x2:ba . p:a h.0:ba",
                    ". . h.0:ba p:a",
                    "p:a h.0:ba h.0*2x2:ba .",
                    "h.0:ba p:a . ."),
            // 5 × 5
            read(
                    "lady-of-the-lake",
                    "Lady of the Lake",
                    "1 1 1 1 1",
                    "1 1 1 1 1",
                    "h:ba h:ba h:ba h:ba h:ba",
                    "h:ba h*3x3:ca . . h:ba",
                    "h:ba . . . h:ba",
                    "h:ba . . . h:ba",
                    "h:ba h:ba h:ba h:ba h:ba"),
            read(
                    "sisters-choice",
                    "Sister's Choice",
                    "1 1 1 1 1",
                    "1 1 1 1 1",
                    "p:a h.2:ba p:c h.3:ba p:a",
                    "h.2:ba p:c p:a p:c h.3:ba",
                    "p:c p:a p:c p:a p:c",
                    "h.1:ba p:c p:a p:c h.0:ba",
                    "p:a h.1:ba p:c h.0:ba p:a"),
            read(
                    "double-irish-chain",
                    "Double Irish Chain",
                    "1 1 1 1 1",
                    "1 1 1 1 1",
                    "p:b p:c p:a p:c p:b",
                    "p:c p:b p:c p:b p:c",
                    "p:a p:c p:b p:c p:a",
                    "p:c p:b p:c p:b p:c",
                    "p:b p:c p:a p:c p:b"),
            read(
                    "log-cabin",
                    "Log Cabin",
                    "1 1 1 1 1",
                    "1 1 1 1 1",
                    "p*1x5:b p*3x1:a . . p*1x4:a",
                    ". p*1x3:b p:a p*1x2:a .",
                    ". . p:c . .",
                    ". . p*2x1:b . .",
                    ". p*4x1:b . . ."),
            // 7 × 7
            read(
                    "bears-paw",
                    "Bear's Paw",
                    "1 1 1 1 1 1 1",
                    "1 1 1 1 1 1 1",
                    "p:a h.2:ba h.2:ba p*1x3:a h.3:ba h.3:ba p:a",
                    "h.2:ba p*2x2:b . . p*2x2:b . h.3:ba",
                    "h.2:ba . . . . . h.3:ba",
                    "p*3x1:a . . p:b p*3x1:a . .",
                    "h.1:ba p*2x2:b . p*1x3:a p*2x2:b . h.0:ba",
                    "h.1:ba . . . . . h.0:ba",
                    "p:a h.1:ba h.1:ba . h.0:ba h.0:ba p:a"),
            // Columns and rows that differ
            read(
                    "puss-in-the-corner",
                    "Puss in the Corner",
                    "1 2 1",
                    "1 2 1",
                    "p:b p:a p:b",
                    "p:a p:b p:a",
                    "p:b p:a p:b"),
            read(
                    "sawtooth-star",
                    "Sawtooth Star",
                    "1 2 1",
                    "1 2 1",
                    "p:a g.2:ab p:a",
                    "g.1:ab p:b g.3:ab",
                    "p:a g.0:ab p:a"),
            read(
                    "star-within-a-star",
                    "Star within a Star",
                    "1 2 1",
                    "1 2 1",
                    "p:a g.2:ac p:a",
                    "g.1:ac b:sawtooth-star g.3:ac",
                    "p:a g.0:ac p:a"),
            read(
                    "kings-crown",
                    "King's Crown",
                    "1 2 1",
                    "1 2 1",
                    "p:c g.0:ba p:c",
                    "g.3:ba p:c g.1:ba",
                    "p:c g.2:ba p:c"),
            read("spool", "Spool", "1 2 1", "1 2 1", "h.1:ba p:b h.0:ba", "p:a p:c p:a", "h.2:ba p:b h.3:ba"),
            // Rows of units
            read("row-of-geese", "Row of Geese", "2", "1 1 1 1", "g:ba", "g:ba", "g:ba", "g:ba"),
            read("sawtooth-row", "Sawtooth Row", "1 1 1 1", "1", "h.2:ba h.2:ba h.2:ba h.2:ba"));

    private TraditionalBlocks() {}

    /** A block of the library by its key; empty where there is none. */
    public static Optional<Block> byKey(String key) {
        return ALL.stream().filter(block -> block.key().equals(key)).findFirst();
    }

    /** The block with all smaller ones set into it, itself first. */
    public static List<Block> withSmaller(Block block) {
        Set<Block> all = new LinkedHashSet<>(List.of(block));
        for (BlockPart part : block.parts()) {
            if (part.unit().kind() == UnitKind.BLOCK) {
                byKey(part.unit().block()).ifPresent(smaller -> all.addAll(withSmaller(smaller)));
            }
        }
        return List.copyOf(all);
    }

    /** Blocks that have all the words in their name, their grid or the names of their units. */
    public static List<Block> find(String words) {
        List<String> wanted = List.of(plain(words).strip().split(" +"));
        return ALL.stream()
                .filter(block -> wanted.stream().allMatch(description(block)::contains))
                .toList();
    }

    private static String description(Block block) {
        return plain(block.name() + " | " + block.grid() + " | " + String.join(", ", unitsUsed(block)));
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT)
                .replace('×', 'x')
                .replaceAll("(?<=\\d) ?x ?(?=\\d)", "x")
                .replace("-", " ")
                .replace("'", "");
    }

    /** Names of the units in it, those of smaller blocks too. */
    public static Set<String> unitsUsed(Block block) {
        Set<String> units = new TreeSet<>();
        for (Block each : withSmaller(block)) {
            each.parts().stream()
                    .filter(part -> part.unit().kind() != UnitKind.BLOCK)
                    .forEach(part -> units.add(part.unit().kind().label()));
        }
        return units;
    }
}
