package org.goldentally.app.shelf;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;
import org.goldentally.core.problem.RefusedException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The current owner's price list: prices for a cloth by its name, for a kind of cloth, or for any. */
@Service
@Transactional
public class PriceList {

    private static final String WHERE = "Price list";
    private static final List<String> COLUMNS = List.of("cloth", "kind", "price");

    private final JdbcClient database;
    private final CurrentOwner owner;
    private final ShelfActs acts;

    PriceList(JdbcClient database, CurrentOwner owner, ShelfActs acts) {
        this.database = database;
        this.owner = owner;
        this.acts = acts;
    }

    /** One line: what it is for, empty for any, and the price as typed. */
    public record PriceEntry(String cloth, String kind, String price) {}

    @Transactional(readOnly = true)
    public List<PriceEntry> entries() {
        return database.sql("select cloth, kind, price from price_entry where owner_id = :owner order by number")
                .param("owner", owner.id())
                .query((row, number) -> new PriceEntry(row.getString(1), row.getString(2), row.getString(3)))
                .list();
    }

    /** What a cloth costs: as typed for it, else the list's price for its name, its kind, or any cloth. */
    public static Optional<Price> priceOf(String name, ClothFacts facts, List<PriceEntry> entries) {
        return Optional.of(facts.price())
                .filter(price -> !price.isBlank())
                .or(() -> entries.stream()
                        .filter(entry -> entry.cloth().equalsIgnoreCase(name))
                        .map(PriceEntry::price)
                        .findFirst())
                .or(() -> entries.stream()
                        .filter(entry -> entry.cloth().isEmpty()
                                && !entry.kind().isEmpty()
                                && entry.kind().equalsIgnoreCase(facts.kind()))
                        .map(PriceEntry::price)
                        .findFirst())
                .or(() -> entries.stream()
                        .filter(entry -> entry.cloth().isEmpty() && entry.kind().isEmpty())
                        .map(PriceEntry::price)
                        .findFirst())
                .flatMap(typed -> Price.read(WHERE, typed) instanceof Reading.Understood<Price> read
                        ? Optional.of(read.value())
                        : Optional.empty());
    }

    /** The new list replaces the old one; a list with a mistake changes nothing. */
    public List<PriceEntry> replace(String csv) {
        List<PriceEntry> entries = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        for (CSVRecord row : CsvTable.read(WHERE, csv, COLUMNS)) {
            String price = row.get("price");
            String line = WHERE + ", line " + (row.getRecordNumber() + 1);
            if (Price.read(line, price) instanceof Reading.Refused<Price> refused) {
                problems.add(refused.problem());
            }
            entries.add(new PriceEntry(row.get("cloth"), row.get("kind"), price));
        }
        if (!problems.isEmpty()) {
            throw new RefusedException(problems.subList(0, Math.min(20, problems.size())));
        }
        String what = "price list of " + ShelfWords.lines(entries.size());
        return acts.act(what, () -> put(entries));
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

    /** A made-up list, the stand-in for a shop's. */
    public List<PriceEntry> takeMadeUp() {
        try (InputStream list = PriceList.class.getResourceAsStream("/price-list/made-up.csv")) {
            return replace(new String(Objects.requireNonNull(list).readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    public void clear() {
        acts.act("no price list", () -> {
            deleteAll();
            return null;
        });
    }

    private void deleteAll() {
        database.sql("delete from price_entry where owner_id = :owner")
                .param("owner", owner.id())
                .update();
    }
}
