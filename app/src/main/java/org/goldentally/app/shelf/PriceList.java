package org.goldentally.app.shelf;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.apache.commons.csv.CSVRecord;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.app.account.OwnersTurn;
import org.goldentally.app.problems.StaleVersionException;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;
import org.goldentally.core.problem.RefusedException;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The current owner's price list: prices for a cloth by its name, for a kind of cloth, or for any. */
@Service
@Transactional
public class PriceList {

    private static final String WHERE = "Price list";
    private static final int LONGEST = 200;
    private static final List<String> COLUMNS = List.of("cloth", "kind", "price");

    private final JdbcClient database;
    private final CurrentOwner owner;
    private final ShelfActs acts;
    private final OwnersTurn turn;

    PriceList(JdbcClient database, CurrentOwner owner, OwnersTurn turn, ShelfActs acts) {
        this.turn = turn;
        this.database = database;
        this.owner = owner;
        this.acts = acts;
    }

    /** One line: what it is for, empty for any, and the price as typed. */
    public record PriceEntry(String cloth, String kind, String price) {}

    /** All lines in the order in which they stand. */
    @Transactional(readOnly = true)
    public List<PriceEntry> entries() {
        return database.sql("select cloth, kind, price from price_entry where owner_id = :owner order by number")
                .param("owner", owner.id())
                .query((row, number) -> new PriceEntry(row.getString(1), row.getString(2), row.getString(3)))
                .list();
    }

    /**
     * What a cloth costs, what counts first at the beginning: as typed for it, then the list's prices for its name, its
     * kind, or any cloth. A pack is priced by its name too.
     */
    public static List<Price> pricesOf(String name, ClothFacts facts, List<PriceEntry> entries) {
        List<String> typed = new ArrayList<>();
        typed.add(facts.price());
        entries.stream()
                .filter(entry -> !entry.cloth().isEmpty() && entry.cloth().equalsIgnoreCase(name))
                .forEach(entry -> typed.add(entry.price()));
        entries.stream()
                .filter(entry -> entry.cloth().isEmpty()
                        && !entry.kind().isEmpty()
                        && entry.kind().equalsIgnoreCase(facts.kind()))
                .forEach(entry -> typed.add(entry.price()));
        entries.stream()
                .filter(entry -> entry.cloth().isEmpty() && entry.kind().isEmpty())
                .forEach(entry -> typed.add(entry.price()));
        List<Price> prices = new ArrayList<>();
        for (String each : typed) {
            if (!each.isBlank() && Price.read(WHERE, each) instanceof Reading.Understood<Price> read) {
                prices.add(read.value());
            }
        }
        return prices;
    }

    /** How often the list was replaced: whoever comes second is told. */
    @Transactional(readOnly = true)
    public int version() {
        return database.sql("select prices_version from account where id = :owner")
                .param("owner", owner.id())
                .query(Integer.class)
                .single();
    }

    private void take(@Nullable Integer version) {
        turn.take();
        if (version != null) {
            StaleVersionException.check(version, version());
        }
    }

    /**
     * The new list replaces the old one; a list with a mistake changes nothing.
     *
     * @param version of the list that it replaces; null replaces whatever there is
     */
    public List<PriceEntry> replace(String csv, @Nullable Integer version) {
        List<PriceEntry> entries = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        for (CSVRecord row : CsvTable.read(WHERE, csv, COLUMNS)) {
            PriceEntry entry = new PriceEntry(
                    CsvTable.cell(row, "cloth"), CsvTable.cell(row, "kind"), CsvTable.cell(row, "price"));
            Problem wrong = wrongWith(WHERE + ", line " + (row.getRecordNumber() + 1), entry);
            if (wrong != null) {
                problems.add(wrong);
            }
            entries.add(entry);
        }
        if (!problems.isEmpty()) {
            throw new RefusedException(problems.subList(0, Math.min(20, problems.size())));
        }
        take(version);
        if (entries.equals(entries())) {
            return entries;
        }
        String what = "price list of " + ShelfWords.lines(entries.size());
        return acts.act(what, () -> put(entries));
    }

    /** What is wrong with a line; null for nothing. */
    public static @Nullable Problem wrongWith(String where, PriceEntry entry) {
        if (Math.max(
                        entry.cloth().length(),
                        Math.max(entry.kind().length(), entry.price().length()))
                > LONGEST) {
            return new Problem(where, "a cell has more than " + LONGEST + " letters", "say it in fewer");
        }
        return Price.read(where, entry.price()) instanceof Reading.Refused<Price> refused ? refused.problem() : null;
    }

    private List<PriceEntry> put(List<PriceEntry> entries) {
        deleteAll();
        for (int i = 0; i < entries.size(); i++) {
            database.sql("insert into price_entry (owner_id, number, cloth, kind, price)"
                            + " values (:owner, :number, :cloth, :kind, :price)")
                    .param("owner", owner.id())
                    .param("number", i)
                    .param("cloth", entries.get(i).cloth())
                    .param("kind", entries.get(i).kind())
                    .param("price", entries.get(i).price())
                    .update();
        }
        return entries;
    }

    /** Takes a list that was kept elsewhere, where there is none here. */
    public boolean bringIn(List<PriceEntry> entries) {
        turn.take();
        if (entries.isEmpty() || !entries().isEmpty()) {
            return false;
        }
        put(entries);
        return true;
    }

    /** A made-up list, the stand-in for a shop's. */
    public List<PriceEntry> takeMadeUp(@Nullable Integer version) {
        try (InputStream list = PriceList.class.getResourceAsStream("/price-list/made-up.csv")) {
            return replace(new String(Objects.requireNonNull(list).readAllBytes(), StandardCharsets.UTF_8), version);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** Takes every line away; nothing happens where there is none. */
    public void clear(@Nullable Integer version) {
        take(version);
        if (entries().isEmpty()) {
            return;
        }
        acts.act("no price list", () -> {
            deleteAll();
            return null;
        });
    }

    private void deleteAll() {
        database.sql("update account set prices_version = prices_version + 1 where id = :owner")
                .param("owner", owner.id())
                .update();
        database.sql("delete from price_entry where owner_id = :owner")
                .param("owner", owner.id())
                .update();
    }
}
