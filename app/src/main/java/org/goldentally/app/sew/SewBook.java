package org.goldentally.app.sew;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.sew.Batch;
import org.goldentally.core.sew.LogEntry;
import org.goldentally.core.tally.TopTally;

/** The cards of a quilt for printing, in the order in which they are sewn. */
public record SewBook(List<Page> pages) {

    /** So many batches of the same work are one card with a list to tick off. */
    private static final int MANY = 2;

    /**
     * A card as it is printed.
     *
     * @param withLayout whether the layout is printed with it: with blocks and rows, not with every unit
     * @param list the same work in many cloths, a line each; empty where it is one batch
     */
    public record Page(
            String title, String subtitle, String needed, CardView card, boolean withLayout, List<Line> list) {}

    /**
     * A line to tick off.
     *
     * @param cloths {@code oat · teal}
     * @param sets so many pairs, crossings, units
     */
    public record Line(String cloths, long sets, long units) {}

    /** All cards of a tally with what the log says of each. */
    public static SewBook of(TopTally tally, List<LogEntry> log, Pressings pressings) {
        SewCards cards = new SewCards(tally, log, pressings);
        Set<String> seen = new HashSet<>();
        List<List<Batch>> runs = new ArrayList<>();
        for (Batch batch : cards.batches()) {
            if (!seen.add(batch.key().text())) {
                continue;
            }
            boolean goesOn = !runs.isEmpty()
                    && batch.set().isPresent()
                    && runs.getLast().getFirst().run().equals(batch.run());
            if (goesOn) {
                runs.getLast().add(batch);
            } else {
                runs.add(new ArrayList<>(List.of(batch)));
            }
        }
        List<Page> pages = new ArrayList<>();
        for (List<Batch> run : runs) {
            boolean isChain = run.getFirst()
                    .set()
                    .filter(MadeSet.Joined.class::isInstance)
                    .isPresent();
            if (run.size() >= MANY && !isChain) {
                pages.add(list(run, cards));
            } else {
                run.forEach(batch -> pages.add(page(batch, cards)));
            }
        }
        return new SewBook(List.copyOf(pages));
    }

    private static Page list(List<Batch> run, SewCards cards) {
        Batch first = run.getFirst();
        long sets = run.stream().mapToLong(Batch::setsPlanned).sum();
        return new Page(
                first.run(),
                "the same in " + run.size() + " combinations of fabrics; the steps are drawn in those of the first",
                run.stream().mapToLong(Batch::needed).sum() + ", " + sets + " sets",
                cards.card(first.key().text()),
                false,
                run.stream()
                        .map(batch -> new Line(batch.subtitle().split(", ", 2)[0], batch.setsPlanned(), batch.needed()))
                        .toList());
    }

    private static Page page(Batch batch, SewCards cards) {
        boolean ofUnits = batch.kind() == Batch.Kind.UNITS || batch.kind() == Batch.Kind.HALVES;
        return new Page(
                batch.title(),
                batch.subtitle(),
                batch.needed() + (batch.set().isPresent() ? ", " + batch.setsPlanned() + " sets" : ""),
                cards.card(batch.key().text()),
                !ofUnits,
                List.of());
    }
}
