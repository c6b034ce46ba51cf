package org.goldentally.core.cloth;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Reading;

/**
 * Several lots in one line.
 *
 * <ol>
 *   <li>What is said once for several fabrics is shared out: half a yard each of sand and sky; three fat quarters, red, white
 *       and blue.
 *   <li>A line that can be one lot is one.
 *   <li>Otherwise it is taken apart at its commas and ands, in as few parts as will do, so that each part is a lot by itself.
 *       A part without a fabric takes the next one that is named, or the only one; "3 fat quarters blue and 2 green" goes on
 *       with the form of the part before.
 *   <li>Of several ways to take it apart the one is meant whose parts are built alike, numbers first or names first. Where
 *       that leaves two, the line is refused.
 * </ol>
 */
final class SaidLots {

    private static final int LONGEST = 500;
    private static final int MOST_SEPARATORS = 11;
    private static final int MOST_LOTS = 12;

    private static final String AND = "(?:\\s*[,;:]?\\s+(?:and|plus)\\s+|\\s*[,;+&]\\s*)";
    private static final Pattern SEPARATOR =
            Pattern.compile("\\s*[,;]?\\s+(?:and|plus|with(?= \\d))\\s+|\\s*[,;]\\s*|\\s+[+&]\\s+");
    private static final Pattern EACH_OF = Pattern.compile("(?<lot>.*\\S) each (?:of|in) (?<names>.+)");
    private static final Pattern NAMES_EACH = Pattern.compile("(?<names>\\p{L}.*?),? (?<lot>\\d.*) each");
    private static final Pattern COLON = Pattern.compile("(?<lot>[^:]*\\d[^:]*): (?<names>[^\\d:]+)");
    private static final Pattern NAME_FIRST = Pattern.compile("(?<name>[^\\d:,]+): (?<rest>.*\\d.*)");
    private static final Pattern LIST = Pattern.compile("(?<lot>.*\\d.*?)(?<more>(?:, [^\\d,]+)+)");
    private static final Pattern COUNT_AND_NAME = Pattern.compile("(\\d{1,4}) (?:of (?:the )?)?([^\\d,]+)");

    private final String where;
    private final String typed;
    private final MeasureSystem system;
    private final QuotedNames quoted;
    private final String said;
    private final Map<String, Optional<ShelfLine>> lots = new HashMap<>();

    SaidLots(String where, String typed, MeasureSystem system) {
        this.where = where;
        this.typed = typed.strip();
        this.system = system;
        this.quoted = QuotedNames.of(this.typed);
        this.said = this.typed.length() > LONGEST ? "" : Sayings.writtenOut(quoted.line());
    }

    Reading<List<ShelfLine>> read() {
        Reading<ShelfLine> one = ShelfLineReader.readForShelf(where, typed, system);
        boolean tooLong = typed.length() > LONGEST;
        if (tooLong || said.isEmpty() || UnsureWords.in(where, said).isPresent()) {
            return one.then(line -> Reading.of(List.of(line)));
        }
        Optional<List<ShelfLine>> shared = shared();
        if (shared.isPresent()) {
            return restored(shared.get());
        }
        if (one instanceof Reading.Understood<ShelfLine>
                || !ShelfLineReader.choices(typed, system).isEmpty()) {
            return one.then(line -> Reading.of(List.of(line)));
        }
        Optional<List<ShelfLine>> apart = apart();
        return apart.isPresent() ? restored(apart.get()) : one.then(line -> Reading.of(List.of(line)));
    }

    private Reading<List<ShelfLine>> restored(List<ShelfLine> lots) {
        return Reading.of(lots.stream()
                .map(lot -> lot.named(quoted.restored(lot.clothName())))
                .toList());
    }

    /** One lot, understood for certain; its fabric may be said elsewhere. Many ways to take a line apart share their parts. */
    private Optional<ShelfLine> lot(String part) {
        return lots.computeIfAbsent(part, this::read);
    }

    private Optional<ShelfLine> read(String part) {
        return part.isBlank() || part.length() > ShelfLineReader.LONGEST_LINE
                ? Optional.empty()
                : ShelfLineReader.readLot(where, part, system) instanceof Reading.Understood<ShelfLine> read
                        ? Optional.of(read.value())
                        : Optional.empty();
    }

    private Optional<List<ShelfLine>> shared() {
        for (Pattern pattern : List.of(EACH_OF, NAMES_EACH)) {
            Matcher each = pattern.matcher(said);
            if (each.matches()) {
                List<String> names = names(each.group("names"));
                Optional<ShelfLine> lot = lot(each.group("lot"));
                if (names.size() > 1 && lot.isPresent() && lot.get().clothName().isEmpty()) {
                    return Optional.of(names.stream().map(lot.get()::named).toList());
                }
            }
        }
        return oneOfEach();
    }

    /** Three half yards: dusk, dawn, noon; three fat quarters red, white and blue. */
    private Optional<List<ShelfLine>> oneOfEach() {
        Matcher colon = COLON.matcher(said);
        Matcher list = LIST.matcher(said);
        if (colon.matches()) {
            return oneOfEach(lot(colon.group("lot")), names(colon.group("names")));
        }
        if (list.matches()) {
            Optional<ShelfLine> lot = lot(list.group("lot"));
            List<String> names = new ArrayList<>();
            lot.filter(line -> !line.clothName().isEmpty()).ifPresent(line -> names.add(line.clothName()));
            List<String> more = names(list.group("more").substring(2));
            return names.isEmpty() || more.isEmpty()
                    ? Optional.empty()
                    : oneOfEach(lot.map(line -> line.named("")), with(names, more));
        }
        return Optional.empty();
    }

    private static List<String> with(List<String> names, List<String> more) {
        List<String> all = new ArrayList<>(names);
        all.addAll(more);
        return all;
    }

    private static Optional<List<ShelfLine>> oneOfEach(Optional<ShelfLine> lot, List<String> names) {
        return lot.filter(line -> line.clothName().isEmpty()
                        && line.pack().isEmpty()
                        && names.size() > 1
                        && line.count() == names.size())
                .map(line -> names.stream()
                        .map(name -> new ShelfLine(1, line.piece(), name))
                        .toList());
    }

    /** Empty where something among them is no name. */
    private static List<String> names(String list) {
        List<String> names = Arrays.stream(list.strip().split(AND))
                .map(String::strip)
                .map(name -> name.startsWith("and ") ? name.substring("and ".length()) : name)
                .toList();
        boolean allNames = names.stream()
                .allMatch(name -> name.matches("[\\p{L}'& -]+")
                        && Arrays.stream(name.split(" ")).noneMatch(word -> switch (Sayings.of(word)) {
                            case SQUARE, STRIP, FAT_QUARTER, FAT_EIGHTH, PIECE, LENGTH, CONTAINER, PINKED, MEASURED ->
                                true;
                            case NAMED_PIECE, WIDE, LONG, BY, FILLER, NAME -> false;
                        }));
        return allNames ? names : List.of();
    }

    private record Apart(List<ShelfLine> lots, int unlike) {}

    private Optional<List<ShelfLine>> apart() {
        Matcher nameFirst = NAME_FIRST.matcher(said);
        String ofAll = nameFirst.matches() ? nameFirst.group("name") : "";
        String rest = ofAll.isEmpty() ? said : nameFirst.group("rest");
        List<int[]> separators = new ArrayList<>();
        Matcher matcher = SEPARATOR.matcher(rest);
        while (matcher.find()) {
            separators.add(new int[] {matcher.start(), matcher.end()});
        }
        if (separators.isEmpty() || separators.size() > MOST_SEPARATORS) {
            return Optional.empty();
        }
        for (int cuts = 1; cuts <= Math.min(separators.size(), MOST_LOTS - 1); cuts++) {
            List<Apart> found = new ArrayList<>();
            for (int set = 1; set < 1 << separators.size(); set++) {
                if (Integer.bitCount(set) == cuts) {
                    lots(parts(rest, separators, set), ofAll).ifPresent(found::add);
                }
            }
            int least = found.stream().mapToInt(Apart::unlike).min().orElse(0);
            List<List<ShelfLine>> best = found.stream()
                    .filter(each -> each.unlike == least)
                    .map(Apart::lots)
                    .distinct()
                    .toList();
            if (!best.isEmpty()) {
                return best.size() == 1 ? Optional.of(best.getFirst()) : Optional.empty();
            }
        }
        return Optional.empty();
    }

    private static List<String> parts(String rest, List<int[]> separators, int set) {
        List<String> parts = new ArrayList<>();
        int from = 0;
        for (int i = 0; i < separators.size(); i++) {
            if ((set >> i & 1) == 1) {
                parts.add(rest.substring(from, separators.get(i)[0]).strip());
                from = separators.get(i)[1];
            }
        }
        parts.add(rest.substring(from).strip());
        return parts;
    }

    private Optional<Apart> lots(List<String> parts, String ofAll) {
        List<ShelfLine> lots = new ArrayList<>();
        if (parts.getLast().matches("[\\d ./x×-]+(?: ?(?:in|cm|\"))?")) {
            // A last size without a word: of how many pieces before it, nobody can say.
            return Optional.empty();
        }
        for (String part : parts) {
            Optional<ShelfLine> lot = lot(part).or(() -> goesOn(part, lots));
            if (lot.isEmpty()) {
                return Optional.empty();
            }
            lots.add(lot.get());
        }
        return named(lots, ofAll)
                .map(all -> new Apart(all, separatorsWithin(parts) + MOST_LOTS * unlikeTheFirst(parts)));
    }

    private static int unlikeTheFirst(List<String> parts) {
        return (int) parts.stream()
                .filter(part -> beginsWithNumber(part) != beginsWithNumber(parts.getFirst()))
                .count();
    }

    /** Commas and ands that stay within a part. */
    private static int separatorsWithin(List<String> parts) {
        return (int) parts.stream()
                .mapToLong(part -> SEPARATOR.matcher(part).results().count())
                .sum();
    }

    private static boolean beginsWithNumber(String part) {
        return part.matches("(?:an? |the )?[\\d.].*|(?:an? ).*");
    }

    /** "3 fat quarters blue and 2 green": the form of the part before, which has its own fabric. */
    private static Optional<ShelfLine> goesOn(String part, List<ShelfLine> before) {
        Matcher matcher = COUNT_AND_NAME.matcher(part);
        boolean may = matcher.matches()
                && !before.isEmpty()
                && !before.getLast().clothName().isEmpty()
                && before.getLast().piece().form() != PieceForm.YARDAGE
                && before.getLast().pack().isEmpty()
                && !names(matcher.group(2)).isEmpty();
        return may && Integer.parseInt(matcher.group(1)) > 0
                ? Optional.of(new ShelfLine(
                        Integer.parseInt(matcher.group(1)), before.getLast().piece(), matcher.group(2)))
                : Optional.empty();
    }

    /** A lot without a fabric is of the next that is named; the last ones of the only one. */
    private static Optional<List<ShelfLine>> named(List<ShelfLine> lots, String ofAll) {
        List<String> names = lots.stream()
                .map(ShelfLine::clothName)
                .filter(name -> !name.isEmpty())
                .distinct()
                .toList();
        if (!ofAll.isEmpty()) {
            return names.isEmpty()
                    ? Optional.of(lots.stream().map(lot -> lot.named(ofAll)).toList())
                    : Optional.empty();
        }
        List<ShelfLine> named = new ArrayList<>();
        String next = names.size() == 1 ? names.getFirst() : "";
        for (int i = lots.size() - 1; i >= 0; i--) {
            next = lots.get(i).clothName().isEmpty() ? next : lots.get(i).clothName();
            if (next.isEmpty()) {
                return Optional.empty();
            }
            named.addFirst(lots.get(i).named(next));
        }
        return Optional.of(named);
    }
}
