package org.goldentally.app.sew;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.goldentally.core.sew.Batch;
import org.goldentally.core.sew.LogEntry;
import org.goldentally.core.tally.TopTally;

/** The cards of a quilt for printing, in the order in which they are sewn. */
public record SewBook(List<Page> pages) {

    /**
     * A card as it is printed.
     *
     * @param withLayout whether the layout is printed with it: with blocks and rows, not with every unit
     */
    public record Page(String title, String subtitle, String needed, CardView card, boolean withLayout) {}

    public static SewBook of(TopTally tally, List<LogEntry> log, Pressings pressings) {
        SewCards cards = new SewCards(tally, log, pressings);
        Set<String> seen = new HashSet<>();
        return new SewBook(cards.batches().stream()
                .flatMap(batch -> seen.add(batch.key().text()) ? Stream.of(page(batch, cards)) : Stream.empty())
                .toList());
    }

    private static Page page(Batch batch, SewCards cards) {
        return new Page(
                batch.title(),
                batch.subtitle(),
                batch.needed() + (batch.set().isPresent() ? ", " + batch.setsPlanned() + " sets" : ""),
                cards.card(batch.key().text()),
                batch.kind() != Batch.Kind.UNITS);
    }
}
