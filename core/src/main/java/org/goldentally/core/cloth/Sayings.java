package org.goldentally.core.cloth;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * What people say of cloth, all in one table: words that mean something, and turns of phrase that are written otherwise
 * before a line is read. A new saying is added here and nowhere else.
 */
final class Sayings {

    /** What a word means in a line. */
    enum Meaning {
        SQUARE,
        STRIP,
        FAT_QUARTER,
        FAT_EIGHTH,
        /** A piece of any shape; with a length that was bought it is a length. */
        PIECE,
        /** A piece that is called by its kind as well: an old sheet is a scrap, and its name says that it is a sheet. */
        NAMED_PIECE,
        LENGTH,
        /** Holds pieces: a pack of 42 squares. */
        CONTAINER,
        WIDE,
        LONG,
        BY,
        MEASURED,
        PINKED,
        /** Says nothing of the cloth. */
        FILLER,
        /** Part of the name. */
        NAME
    }

    private static final Map<String, Meaning> WORDS = new LinkedHashMap<>();

    private static void mean(Meaning meaning, String... words) {
        for (String word : words) {
            WORDS.put(word, meaning);
        }
    }

    static {
        mean(Meaning.SQUARE, "square", "squares", "sq", "sqs");
        mean(Meaning.STRIP, "strip", "strips");
        mean(Meaning.FAT_QUARTER, "fatquarter", "fatquarters", "fq", "fqs");
        mean(Meaning.FAT_EIGHTH, "fateighth", "fateighths", "fe", "fes");
        mean(Meaning.PIECE, "scrap", "scraps", "piece", "pieces", "remnant", "remnants", "offcut", "offcuts");
        mean(Meaning.PIECE, "rectangle", "rectangles", "bit", "bits", "panel", "panels", "cuts");
        mean(Meaning.NAMED_PIECE, "sheet", "tablecloth", "curtain", "pillowcase");
        mean(Meaning.LENGTH, "length", "lengths", "yardage");
        mean(Meaning.CONTAINER, "pack", "packs", "bundle", "bundles", "roll", "rolls", "stack", "stacks", "packet");
        mean(Meaning.WIDE, "wide", "width", "breit", "across");
        mean(Meaning.LONG, "long", "lang");
        mean(Meaning.BY, "x", "×", "*", "by");
        mean(Meaning.MEASURED, "measured", "measures", "measuring");
        mean(Meaning.PINKED, "pinked");
        mean(
                Meaning.FILLER,
                "of",
                "cut",
                "the",
                "a",
                "an",
                "about",
                "roughly",
                "nearly",
                "in",
                "some",
                "edge",
                "edges");
        mean(Meaning.FILLER, "each", "them", "is", "are", "and", "with", "at", "wof");
    }

    /** A turn of phrase and how it is written before it is read. */
    private record Turn(Pattern said, String written) {
        static Turn of(String said, String written) {
            return new Turn(Pattern.compile(said), written);
        }
    }

    private static final String SHOP = "(yards?|yds?|metres?|meters?|m)\\b";
    /** Before number words are figures. */
    private static final List<Turn> BEFORE = new ArrayList<>();

    /** Once they are. */
    private static final List<Turn> TURNS = new ArrayList<>();

    static {
        BEFORE.add(Turn.of("\\bund\\b", "and"));
        BEFORE.add(Turn.of("\\bwhat(?:'s| is)? left of\\b", ""));
        BEFORE.add(Turn.of("\\b(?:left over|leftover|left) of\\b", "of"));
        BEFORE.add(Turn.of("\\bend of (?:the |a )?bolt\\b", "length"));
        BEFORE.add(Turn.of("\\bx(\\d)", "x $1"));
        // "two 3/4 yard pieces" are two, not 2 3/4 yd; "9 inch by width of fabric" is a strip.
        BEFORE.add(Turn.of(
                "\\b(two|three|four|five|six|seven|eight|nine|ten|eleven|twelve) (\\d+/\\d+) ?" + SHOP, "$1 x $2 $3"));
        BEFORE.add(Turn.of("\\bpieces\\b(?=.*(?:x|by) (?:the )?(?:wof|width of (?:the )?fabric)\\b)", "strips"));
        BEFORE.add(Turn.of("(?<=\\bstrips?\\b.{0,20}) (?:x|by) (?:the )?(?:wof|width of (?:the )?fabric)\\b", " "));
        BEFORE.add(Turn.of(" (?:x|by) (?:the )?(?:wof|width of (?:the )?fabric)\\b", " strip"));
        // Forms of two words are one word; "fat 1/4" is said as well.
        BEFORE.add(Turn.of("\\bfat[ -](quarters?|eighths?)\\b", "fat$1"));
        BEFORE.add(Turn.of("\\bfat[ -]1/4(s?)\\b", "fatquarter$1"));
        BEFORE.add(Turn.of("(\\d|\") ?[x×] ?(?=[\\d.])", "$1 x "));
        BEFORE.add(Turn.of("\\bf\\.? ?q\\.?(s?)(?![a-z])", "fq$1"));
        // Halves and quarters of what shops sell; of several, how many there are goes before.
        TURNS.add(Turn.of("(?<![\\d/.,])([2-9]|\\d\\d+) half[ -]" + SHOP, "$1 x 1/2 $2"));
        TURNS.add(Turn.of("(?<![\\d/.,])([24-9]|\\d\\d+) quarter[ -]" + SHOP, "$1 x 1/4 $2"));
        TURNS.add(Turn.of("\\b(\\d) thirds?(?: of)?(?: an?)?[ -]" + SHOP, "$1/3 $2"));
        TURNS.add(Turn.of("\\b([3-7]) eighths(?: of)?(?: an?)?[ -]" + SHOP, "$1/8 $2"));
        TURNS.add(Turn.of("(?<!\\d )(?:\\b(?:a|1) )?\\b" + SHOP + " and a half\\b", "1 1/2 $1"));
        TURNS.add(Turn.of("(?<!\\d )(?:\\b(?:a|1) )?\\b" + SHOP + " and a quarter\\b", "1 1/4 $1"));
        TURNS.add(Turn.of("(?<!\\d )(?:\\b(?:a|1) )?\\b" + SHOP + " and 3[ -]quarters\\b", "1 3/4 $1"));
        TURNS.add(Turn.of("(?<![\\d/])(\\d+) " + SHOP + " and a half\\b", "$1 1/2 $2"));
        TURNS.add(Turn.of("\\b(\\d+) and (?:a|1) half\\b", "$1 1/2"));
        TURNS.add(Turn.of("\\b(\\d+) and (?:a|1) quarter\\b", "$1 1/4"));
        TURNS.add(Turn.of("\\b(\\d+) and 3[ -]quarters?\\b", "$1 3/4"));
        TURNS.add(Turn.of("\\b(\\d+) and (\\d+/\\d+)", "$1 $2"));
        TURNS.add(Turn.of("\\b3[ -]quarters?(?: of)?(?: an?)?[ -]" + SHOP, "3/4 $1"));
        TURNS.add(Turn.of("\\b(?:a |1 )?half(?: of)?(?: an?)?[ -]" + SHOP, "1/2 $1"));
        TURNS.add(Turn.of("\\b(?:a |1 )?quarter(?: of)?(?: an?)?[ -]" + SHOP, "1/4 $1"));
        TURNS.add(Turn.of("\\b(?:an |1 )?eighth(?: of)?(?: an?)?[ -]" + SHOP, "1/8 $1"));
        TURNS.add(Turn.of("(\\d/\\d+) of an? " + SHOP, "$1 $2"));
        TURNS.add(Turn.of("\\ban? " + SHOP, "1 $1"));
        // "5 fat quarter" is said of several; short words have no plural of their own.
        TURNS.add(Turn.of("(?<![\\d/.,])([2-9]|\\d\\d+) (fq|fe|sq|fatquarter|fateighth|scrap)\\b", "$1 $2s"));
        // "10-inch squares", "2 1/2-in strips".
        TURNS.add(Turn.of("(\\d)-(inch|inches|in|cm|mm|yard|yd|metre|meter)\\b", "$1 $2"));
        TURNS.add(Turn.of("\\bwidth of fabric\\b", " "));
    }

    private Sayings() {}

    /** What a word means; a word that is not in the table is part of the name. */
    static Meaning of(String word) {
        return WORDS.getOrDefault(word, Meaning.NAME);
    }

    /** Whether a word for a form is said of several. */
    static boolean isPlural(String word) {
        return word.endsWith("s");
    }

    /** The line in small letters, fraction signs as figures, number words as numbers, turns of phrase written out. */
    static String writtenOut(String line) {
        String spaced = line.replaceAll("([0-9])([¼-¾⅐-⅞])", "$1 $2");
        String written = Normalizer.normalize(spaced, Normalizer.Form.NFKC)
                .replace('⁄', '/')
                .replace('”', '"')
                .replace('’', '\'')
                .replace("′′", "\"")
                .replaceAll("\\s+", " ")
                .strip()
                .toLowerCase(Locale.ROOT);
        written = NumberWords.asFigures(turned(written, BEFORE));
        written = NumberWords.dozensCounted(turned(written, TURNS));
        return written.replaceAll("\\s+", " ").strip();
    }

    private static String turned(String line, List<Turn> turns) {
        String written = line;
        for (Turn turn : turns) {
            written = turn.said().matcher(written).replaceAll(turn.written());
        }
        return written;
    }
}
