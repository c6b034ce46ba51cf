package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.quilt.Flaw;
import org.goldentally.core.sew.Batch.Kind;
import org.goldentally.core.tally.TopTally;

/**
 * What a quilter does next on a quilt, and where: put right what is wrong, choose fabrics, buy, cut, then sew. Who has begun to sew goes on
 * sewing, with the batch that she sewed last.
 *
 * @param says what to do, as a sentence without its full stop
 */
public record NextWork(Station station, String says) {

    /** Where it is done. */
    public enum Station {
        TOP,
        TALLY,
        CUT,
        SEW
    }

    /** How far the cutting of one fabric is. */
    public record Cutting(String fabric, int done, int steps) {
        int left() {
            return steps - done;
        }
    }

    private static final int MOST_FABRICS = 3;
    private static final int MOST_LENGTHS = 2;

    /**
     * Of a quilt as it stands.
     *
     * @param cutting each fabric's sheet
     * @param buys each length that is short, in words
     */
    public static NextWork of(TopTally tally, BenchState bench, List<Cutting> cutting, List<String> buys) {
        boolean sewing = bench.standing().stream().anyMatch(entry -> entry.kind() == LogEntry.Kind.SET_MADE);
        boolean started = sewing || bench.putAway() > 0 || cutting.stream().anyMatch(sheet -> sheet.done > 0);
        List<Flaw> flaws = tally.top().flaws();
        if (!flaws.isEmpty()) {
            return new NextWork(
                    Station.TOP, "Put right: " + flaws.getFirst().problem().where());
        }
        if (!started && tally.hasUndressed()) {
            return new NextWork(Station.TOP, "Choose the fabrics that are still open");
        }
        if (!started && !buys.isEmpty()) {
            return new NextWork(Station.TALLY, "Buy " + few(buys) + ", then cut");
        }
        Optional<Cutting> toCut =
                cutting.stream().filter(sheet -> sheet.left() > 0).max(Comparator.comparing(sheet -> sheet.done > 0));
        Optional<Batch> toSew = sewing || toCut.isEmpty() ? next(tally, bench) : Optional.empty();
        return toSew.map(batch -> new NextWork(Station.SEW, says(batch, bench, tally)))
                .or(() -> toCut.map(NextWork::cut))
                .orElseGet(() -> new NextWork(Station.SEW, "Everything is sewn"));
    }

    private static NextWork cut(Cutting sheet) {
        String steps = sheet.left() == 1 ? "1 step" : sheet.left() + " steps";
        return new NextWork(
                Station.CUT,
                sheet.done > 0
                        ? "Cut " + sheet.fabric + ": " + steps + " left"
                        : "Cut " + sheet.fabric + " next: " + steps);
    }

    private static String few(List<String> lengths) {
        int others = lengths.size() - MOST_LENGTHS;
        return others > 0
                ? String.join(", ", lengths.subList(0, MOST_LENGTHS)) + " and " + others + " more"
                : String.join(" and ", lengths);
    }

    /** The batch that was sewn last, unless it is done; then the first that is not. */
    private static Optional<Batch> next(TopTally tally, BenchState bench) {
        List<Batch> open = Batches.of(tally).stream()
                .filter(batch -> batch.kind() != Kind.BONUS && batch.setsLeft(bench.of(batch.key())) > 0)
                .toList();
        Optional<Batch> last = bench.standing().reversed().stream()
                .filter(entry -> entry.kind() == LogEntry.Kind.SET_MADE)
                .findFirst()
                .flatMap(entry -> open.stream()
                        .filter(batch -> batch.key().inLog().contains(entry.batch()))
                        .findFirst());
        return last.or(() -> open.stream().findFirst());
    }

    private static String says(Batch batch, BenchState bench, TopTally tally) {
        BenchState.Counts counts = bench.of(batch.key());
        long left = batch.setsLeft(counts);
        String more = counts.setsMade() > 0 ? " more " : " ";
        String sets = left + more + Recipe.counted(batch.setName(), left);
        return switch (batch.kind()) {
            case ROWS -> "Sew " + sets;
            case SASHING -> "Sew " + left + more + Recipe.counted("sashing " + batch.setName(), left);
            case BORDER -> "Sew " + batch.title().toLowerCase(Locale.ROOT) + ": " + sets;
            case BINDING -> "Bind the quilt";
            case HALVES, UNITS, BONUS, BLOCKS ->
                "Sew " + sets + of(fabrics(batch, tally.top().design())) + ": " + batch.title();
        };
    }

    private static String of(List<String> fabrics) {
        if (fabrics.isEmpty()) {
            return "";
        }
        if (fabrics.size() > MOST_FABRICS) {
            return " of " + fabrics.size() + " fabrics";
        }
        String last = fabrics.getLast();
        return " of "
                + (fabrics.size() == 1
                        ? last
                        : String.join(", ", fabrics.subList(0, fabrics.size() - 1)) + " and " + last);
    }

    private static List<String> fabrics(Batch batch, QuiltDesign design) {
        List<String> keys = batch.set().map(MadeSet::cloths).orElse(List.of());
        Set<String> names = new LinkedHashSet<>();
        keys.forEach(key -> design.cloth(key).map(ClothInHand::name).ifPresent(names::add));
        return new ArrayList<>(names);
    }
}
