package org.goldentally.app.shelf;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.apache.commons.csv.CSVRecord;
import org.goldentally.app.shelf.ShelfLots.Lot;
import org.goldentally.app.shelf.ShelfLots.ReadLot;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.HousePrint;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;
import org.goldentally.core.problem.RefusedException;

/** The shelf as CSV: a line for each lot of pieces, with what is said of their cloth. What is written can be read again. */
final class ShelfFile {

    private static final String WHERE = "Shelf file";
    private static final List<String> NEEDED = List.of("cloth", "count", "form", "width", "length");
    private static final List<String> COLUMNS = List.of(
            "cloth",
            "count",
            "form",
            "width",
            "length",
            "unit",
            "edge",
            "colour",
            "lightness",
            "directional",
            "kind",
            "price",
            "pack",
            "print");
    private static final int MOST_PIECES = 10_000;
    private static final int MOST_PROBLEMS = 20;
    private static final int LONGEST_NAME = 200;

    private final List<Problem> problems = new ArrayList<>();

    private ShelfFile() {}

    static String write(List<Lot> lines) {
        return CsvTable.write(COLUMNS, lines.stream().map(ShelfFile::row).toList());
    }

    private static List<String> row(Lot read) {
        ClothPiece piece = read.line().piece();
        var writer = read.system().writer();
        return List.of(
                read.line().clothName(),
                "" + read.line().count(),
                piece.form().name(1),
                writer.writeForFile(piece.width()),
                writer.writeForFile(piece.length()),
                read.system().abbreviation(),
                piece.edge().name().toLowerCase(Locale.ROOT),
                read.facts().guessed() ? "" : read.facts().colour(),
                read.facts().lightness(),
                read.facts().directional() ? "yes" : "no",
                read.facts().kind(),
                read.facts().price(),
                read.pack(),
                read.facts().print().displayName());
    }

    /**
     * Reads a file; what is not said is taken as usual.
     *
     * @throws RefusedException with every mistake at its line and column; then nothing is read
     */
    static List<ReadLot> read(String text, MeasureSystem usual) {
        ShelfFile file = new ShelfFile();
        List<ReadLot> lines = new ArrayList<>();
        for (CSVRecord row : CsvTable.read(WHERE, text, NEEDED)) {
            file.line(row, usual).ifPresent(lines::add);
        }
        if (!file.problems.isEmpty()) {
            throw new RefusedException(file.problems.subList(0, Math.min(MOST_PROBLEMS, file.problems.size())));
        }
        if (lines.isEmpty()) {
            throw new RefusedException(
                    new Problem(WHERE, "it has no line below the heading", "add a line for each lot of pieces"));
        }
        return lines;
    }

    private Optional<ReadLot> line(CSVRecord row, MeasureSystem usual) {
        int before = problems.size();
        String name = CsvTable.cell(row, "cloth");
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            refuse(row, "cloth", "a fabric needs a name of at most 200 letters", "name it by its colour or print");
        }
        MeasureSystem system = system(row, usual);
        Optional<PieceForm> form = form(row);
        int count = count(row);
        Optional<Length> width = length(row, "width", system);
        Optional<Length> length = length(row, "length", system);
        ClothPiece.Edge edge = CsvTable.cell(row, "edge").equalsIgnoreCase("pinked")
                ? ClothPiece.Edge.PINKED
                : ClothPiece.Edge.STRAIGHT;
        UnaryOperator<ClothFacts> said = facts(row, name);
        String pack = text(row, "pack", LONGEST_NAME);
        if (problems.size() > before || form.isEmpty() || width.isEmpty() || length.isEmpty()) {
            return Optional.empty();
        }
        ClothPiece piece = new ClothPiece(form.get(), width.get(), length.get(), edge);
        return Optional.of(new ReadLot(new ShelfLine(count, piece, name), system, said, pack));
    }

    private MeasureSystem system(CSVRecord row, MeasureSystem usual) {
        String unit = CsvTable.cell(row, "unit");
        return unit.isEmpty()
                ? usual
                : Arrays.stream(MeasureSystem.values())
                        .filter(system -> system.abbreviation().equalsIgnoreCase(unit))
                        .findFirst()
                        .orElseGet(() -> {
                            refuse(row, "unit", "“" + unit + "” is no unit of length here", "write in or cm");
                            return usual;
                        });
    }

    private Optional<PieceForm> form(CSVRecord row) {
        String word = CsvTable.cell(row, "form").toLowerCase(Locale.ROOT);
        Optional<PieceForm> form = Arrays.stream(PieceForm.values())
                .filter(each -> each.name(1).equals(word) || each.name(2).equals(word))
                .findFirst();
        if (form.isEmpty()) {
            refuse(
                    row,
                    "form",
                    "“" + word + "” is no form of fabric",
                    "write square, strip, fat quarter, fat eighth, length or scrap");
        }
        return form;
    }

    private int count(CSVRecord row) {
        String typed = CsvTable.cell(row, "count");
        int count = typed.matches("\\d{1,5}") ? Integer.parseInt(typed) : 0;
        if (count < 1 || count > MOST_PIECES) {
            refuse(
                    row,
                    "count",
                    "“" + typed + "” is no count of pieces",
                    "write a whole number from 1 to " + MOST_PIECES);
        }
        return count;
    }

    private Optional<Length> length(CSVRecord row, String column, MeasureSystem system) {
        return switch (LengthReader.readPositive(place(row, column), CsvTable.cell(row, column), system)) {
            case Reading.Understood<Length> understood -> Optional.of(understood.value());
            case Reading.Refused<Length> refused -> {
                problems.add(refused.problem());
                yield Optional.empty();
            }
        };
    }

    /** What a line says of its cloth; an empty cell leaves what is known. */
    private UnaryOperator<ClothFacts> facts(CSVRecord row, String name) {
        String colour = CsvTable.cell(row, "colour").toLowerCase(Locale.ROOT);
        if (!colour.isEmpty() && !colour.matches("#[0-9a-f]{6}")) {
            refuse(row, "colour", "“" + colour + "” is no colour", "write it like #b5482f, or leave it empty");
        }
        String directional = CsvTable.cell(row, "directional").toLowerCase(Locale.ROOT);
        String lightness = text(row, "lightness", 10);
        String kind = text(row, "kind", 60);
        String price = text(row, "price", 40);
        Optional<HousePrint> print = print(row);
        UnaryOperator<ClothFacts> said = known -> new ClothFacts(
                colour.matches("#[0-9a-f]{6}") ? colour : known.colour(),
                lightness.isEmpty() ? known.lightness() : lightness,
                directional.isEmpty() ? known.directional() : directional.equals("yes") || directional.equals("true"),
                kind.isEmpty() ? known.kind() : kind,
                price.isEmpty() ? known.price() : price,
                known.guessed() && colour.isEmpty(),
                print.orElse(known.print()));
        try {
            said.apply(ClothFacts.ofName(name)).check("Line " + (row.getRecordNumber() + 1));
        } catch (RefusedException refused) {
            problems.addAll(refused.problems());
        }
        return said;
    }

    private Optional<HousePrint> print(CSVRecord row) {
        String name = CsvTable.cell(row, "print").toLowerCase(Locale.ROOT);
        Optional<HousePrint> print = HousePrint.of(name);
        if (!name.isEmpty() && print.isEmpty()) {
            refuse(
                    row,
                    "print",
                    "“" + name + "” is no print",
                    "write one such as dots, stripe or plain, or leave it empty");
        }
        return print;
    }

    /** What a cell says; more than is kept is refused, not cut off. */
    private String text(CSVRecord row, String column, int longest) {
        String text = CsvTable.cell(row, column);
        if (text.length() > longest) {
            refuse(row, column, "it is longer than " + longest + " letters", "say it in fewer");
            return "";
        }
        return text;
    }

    private static String place(CSVRecord row, String column) {
        return WHERE + ", line " + (row.getRecordNumber() + 1) + ", " + column;
    }

    private void refuse(CSVRecord row, String column, String why, String fix) {
        problems.add(new Problem(place(row, column), why, fix));
    }
}
