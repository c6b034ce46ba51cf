package org.goldentally.core.cloth;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Reading;

/**
 * Understands one line about cloth, the way one says it aloud.
 *
 * <ul>
 *   <li>{@code 42 squares 10 in marigold prints}, {@code a pack of forty-two ten-inch squares, marigold}
 *   <li>{@code 2 yd oat 42 wide}, {@code half a yard teal}, {@code 1.5 m linen 110 cm wide}
 *   <li>{@code 3 fat quarters teal}, {@code fat quarter teal measured 17 1/2 x 20}
 *   <li>{@code 40 strips 2 1/2 in assorted pinked}, {@code 2 1/2 strip 42}
 *   <li>{@code scrap 9 x 13 brick}, {@code old sheet 60 x 90}
 *   <li>{@code 42 squares 10 in autumn, 21 prints, two of each}; {@code … and 1 extra}; {@code … 1 undersized 9 3/4}
 * </ul>
 *
 * <p>What it says is written out first ({@link Sayings}), then read by a small grammar ({@link ShelfGrammar}) that gives
 * every way in which it can be meant. One that makes sense is understood; of several the quilter is asked.
 */
public final class ShelfLineReader {

    /** More pieces than any shelf holds; a larger count is a slip of the finger. */
    static final int MOST_PIECES = 10_000;

    static final int LONGEST_LINE = 200;

    /** Narrower than this no cloth is woven for sale (our own limit); a smaller number beside a length counts it. */
    private static final Length NARROWEST_BOLT = Length.inches(18);

    private static final Pattern BELOW_NOTHING = Pattern.compile("(?<!\\S)[-−]\\s?\\d[\\d./,]*");

    private static final String EXAMPLES =
            "say it like “42 squares 10 in marigold”, “2 yd oat 42 wide”, “3 fat quarters teal” or “scrap 9 x 13 brick”";

    private final String where;
    private final String typed;
    private final QuotedNames quoted;
    private final MeasureSystem system;

    /** Where the count has to be known, as on the shelf. */
    private final boolean counted;

    private ShelfLineReader(String where, String typed, MeasureSystem system, boolean counted) {
        this.where = where;
        this.typed = typed.strip();
        this.quoted = QuotedNames.of(this.typed);
        this.system = system;
        this.counted = counted;
    }

    /** Reads a line that must name its cloth and say how many pieces, for the shelf. */
    public static Reading<ShelfLine> readForShelf(String where, String line, MeasureSystem system) {
        return read(where, line, system, true)
                .then(read -> read.clothName().isEmpty()
                        ? Reading.refused(
                                where,
                                "“" + line.strip() + "” does not say which fabric it is",
                                "add its colour or name, such as “" + line.strip() + " oat”")
                        : Reading.of(read));
    }

    /**
     * Reads a line that may speak of several lots, each with its fabric: {@code 3 yd red and 1/2 yd white}, {@code 1/2 yd
     * each of sand and sky}. Each is understood for certain, or all of it is refused.
     */
    public static Reading<List<ShelfLine>> readLots(String where, String line, MeasureSystem system) {
        return new SaidLots(where, line, system).read();
    }

    /** The same of a part of a line, whose fabric another part may name; counted as on the shelf. */
    static Reading<ShelfLine> readLot(String where, String line, MeasureSystem system) {
        return read(where, line, system, true);
    }

    /** Reads a line that may leave the cloth and the count out, such as {@code 10 in square}. */
    public static Reading<ShelfLine> read(String where, String line, MeasureSystem system) {
        return read(where, line, system, false);
    }

    /**
     * The ways in which a line can be meant, where there are several: each to be shown as understood and taken by
     * typing {@link ShelfLine#asTyped}. Empty where it is understood, or refused.
     */
    public static List<ShelfLine> choices(String line, MeasureSystem system) {
        if (line.isBlank() || line.length() > LONGEST_LINE) {
            return List.of();
        }
        ShelfLineReader reader = new ShelfLineReader("Shelf line", line, system, true);
        List<ShelfLine> sensible = reader.sensible(reader.readings());
        return sensible.size() > 1 ? sensible : List.of();
    }

    private static Reading<ShelfLine> read(String where, String line, MeasureSystem system, boolean counted) {
        if (line.isBlank()) {
            return Reading.refused(where, "nothing is typed here", EXAMPLES);
        }
        if (line.length() > LONGEST_LINE) {
            return Reading.refused(
                    where, "the line is longer than " + LONGEST_LINE + " characters", "one line for one kind of piece");
        }
        return new ShelfLineReader(where, line, system, counted).read();
    }

    private Reading<ShelfLine> read() {
        Optional<Reading<ShelfLine>> unsure = UnsureWords.in(where, quoted.line());
        if (unsure.isPresent()) {
            return unsure.get();
        }
        Matcher below = BELOW_NOTHING.matcher(typed);
        if (below.find()) {
            return Reading.refused(
                    where,
                    "“" + below.group().strip() + "” is less than nothing",
                    "leave the minus sign out; what is gone from the shelf is taken away from its line");
        }
        List<Reading<ShelfLine>> readings = readings();
        List<ShelfLine> sensible = sensible(readings);
        if (sensible.size() == 1 && quoted.names().isEmpty() && mayBeOneOfEach(sensible.getFirst())) {
            ShelfLine line = sensible.getFirst();
            return Reading.refused(
                    where,
                    "“" + shortened() + "” may be one of each, or " + line.count() + " of one print",
                    "say “" + line.piece().describe(1, system) + " each of " + line.clothName()
                            + "”, or put the name of the print in quotation marks");
        }
        if (sensible.size() > 1) {
            return Reading.refused(
                    where,
                    "“" + shortened() + "” can be meant in two ways: "
                            + sensible.get(0).describe(system) + "; or "
                            + sensible.get(1).describe(system),
                    "type “" + sensible.get(0).asTyped(system) + "” or “"
                            + sensible.get(1).asTyped(system) + "”");
        }
        return sensible.isEmpty() ? notSensible(readings.getFirst()) : Reading.of(sensible.getFirst());
    }

    /** Every way to read the line, understood or refused; at least one. */
    private List<Reading<ShelfLine>> readings() {
        PackWords pack = PackWords.takenFrom(UnsureWords.leftOut(Sayings.writtenOut(quoted.line())));
        ShelfGrammar grammar = new ShelfGrammar(pack.rest(), system);
        List<ShelfGrammar.Meant> meanings = grammar.meanings();
        if (meanings.isEmpty()) {
            return List.of(
                    Reading.refused(where, "“" + shortened() + "” does not say what form the fabric has", EXAMPLES));
        }
        if (grammar.beside().isPresent()) {
            return List.of(Reading.refused(
                    where,
                    "“" + shortened() + "” speaks of “" + grammar.beside().get() + "” as well as of "
                            + meanings.getFirst().form().form().name(2),
                    "say each with its own count and fabric, “and” between them, or type them on lines of their own"));
        }
        if (grammar.hasCommaInName()) {
            return List.of(
                    Reading.refused(
                            where,
                            "“" + shortened() + "” may name one fabric or two",
                            "say what there is of each, such as “1 yd each of red and white”; for one fabric leave the comma out"));
        }
        List<Reading<ShelfLine>> readings = new ArrayList<>();
        for (ShelfGrammar.Meant meant : meanings) {
            Reading<ShelfLine> line = line(meant, pack.pieces());
            readings.add(
                    pack.none()
                            ? line
                            : line.then(read -> pack.of(read.count(), where, this::length)
                                    .then(shared -> Reading.of(new ShelfLine(
                                            read.count(), read.piece(), read.clothName(), Optional.of(shared))))));
        }
        return readings;
    }

    /** What is understood, each once; a width that no bolt has is not meant where something else can be. */
    private List<ShelfLine> sensible(List<Reading<ShelfLine>> readings) {
        Set<ShelfLine> understood = new LinkedHashSet<>();
        for (Reading<ShelfLine> reading : readings) {
            if (reading instanceof Reading.Understood<ShelfLine> line) {
                understood.add(line.value());
            }
        }
        List<ShelfLine> wide = understood.stream()
                .filter(line -> line.piece().form() != PieceForm.YARDAGE
                        || line.piece().width().isAtLeast(NARROWEST_BOLT))
                .toList();
        return wide.isEmpty() && saysWide() ? List.copyOf(understood) : wide;
    }

    private boolean saysWide() {
        return Sayings.writtenOut(quoted.line()).matches(".*\\b(wide|width|breit|across|measured)\\b.*");
    }

    /** Two pieces, two names: one of each may be meant, or two of a print in both colours. */
    private static boolean mayBeOneOfEach(ShelfLine line) {
        return line.count() > 1
                && line.piece().form() != PieceForm.YARDAGE
                && line.pack().isEmpty()
                && line.clothName().split(" and ").length == line.count();
    }

    /** A width that no bolt has, and nothing else that is meant. */
    private Reading<ShelfLine> notSensible(Reading<ShelfLine> first) {
        return first instanceof Reading.Understood<ShelfLine> narrow
                ? Reading.refused(
                        where,
                        "“" + shortened() + "” would be only "
                                + system.writer()
                                        .writeWithUnit(narrow.value().piece().width()) + " wide",
                        "say “wide” behind the number if it is so; else leave the number out, or measure what there is")
                : first;
    }

    private Reading<ShelfLine> line(ShelfGrammar.Meant meant, Optional<Integer> ofPack) {
        if (!meant.tooMany().isEmpty()) {
            return Reading.refused(
                    where,
                    "“" + shortened() + "” has a number too many: “"
                            + meant.tooMany().getLast() + "”",
                    "type each kind of piece on a line of its own, and " + EXAMPLES);
        }
        SaidSizes said = new SaidSizes(
                where,
                shortened(),
                system,
                meant.form().form(),
                meant.sizes(),
                meant.bought(),
                meant.pair(),
                meant.wide(),
                meant.along(),
                meant.measured());
        ClothPiece.Edge edge = meant.pinked() ? ClothPiece.Edge.PINKED : ClothPiece.Edge.STRAIGHT;
        return said.read()
                .then(size -> count(meant, ofPack)
                        .then(count -> Reading.of(new ShelfLine(
                                count,
                                new ClothPiece(meant.form().form(), size.width(), size.length(), edge),
                                quoted.restored(meant.name())))));
    }

    private Reading<Integer> count(ShelfGrammar.Meant meant, Optional<Integer> ofPack) {
        if (meant.count().isEmpty()) {
            boolean several = meant.packs() > 1;
            if (ofPack.isPresent() && !several) {
                return Reading.of(ofPack.get());
            }
            if (several && meant.form().form() == PieceForm.YARDAGE) {
                // Two rolls are two lengths; two packs are no number of squares.
                return ofSeveral(1, meant.packs());
            }
            boolean open = counted && (meant.form().plural() || several);
            return open
                    ? Reading.refused(
                            where,
                            "“" + shortened() + "” does not say how many "
                                    + meant.form().form().name(2) + " there are",
                            several
                                    ? "say how many are in one: “" + meant.packs() + " packs of 42 …”"
                                    : "count them, and say it first: “12 …”")
                    : Reading.of(1);
        }
        return ofSeveral(meant.count().getAsLong(), meant.packs());
    }

    private Reading<Integer> ofSeveral(long count, long packs) {
        if (count > MOST_PIECES || packs > MOST_PIECES || count * packs > MOST_PIECES) {
            return Reading.refused(
                    where,
                    Math.max(count, packs) + " pieces are more than any shelf holds",
                    "check the count; " + MOST_PIECES + " at most in one line");
        }
        int pieces = Math.toIntExact(count * packs);
        return pieces == 0
                ? Reading.refused(
                        where, "“" + shortened() + "” counts no pieces", "count one at least, or leave the line out")
                : Reading.of(pieces);
    }

    private Reading<Length> length(String text) {
        return LengthReader.readPositive(where, text, system);
    }

    private String shortened() {
        return typed.length() > 60 ? typed.substring(0, 60) + "…" : typed;
    }
}
