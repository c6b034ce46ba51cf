package org.goldentally.app.sew;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.goldentally.app.load.Heavy;
import org.goldentally.app.log.BenchLog;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.tally.BoughtAlready;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.sew.Batch;
import org.goldentally.core.sew.BenchState;
import org.goldentally.core.sew.FirstUnit;
import org.goldentally.core.sew.LogEntry;
import org.goldentally.core.sew.LogEntry.Kind;
import org.goldentally.core.tally.TopTally;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The bench of a quilt: batches, cards, and the log that is written at the machine. */
@RestController
@RequestMapping("/api/quilts/{id}/sew")
class SewController {

    private static final double MOST_HOURS_A_WEEK = 168;

    private final Quilts quilts;
    private final QuiltTally tallies;
    private final BoughtAlready bought;
    private final BenchLog log;
    private final Pressings pressings;

    SewController(Quilts quilts, QuiltTally tallies, BoughtAlready bought, BenchLog log, Pressings pressings) {
        this.bought = bought;
        this.quilts = quilts;
        this.tallies = tallies;
        this.log = log;
        this.pressings = pressings;
    }

    private TopTally tally(UUID id) {
        return bought.asBegun(id, tallies.of(id, quilts.design(id)));
    }

    private SewCards cards(UUID id) {
        return cards(id, null);
    }

    private SewCards cards(UUID id, @Nullable Instant asOf) {
        List<LogEntry> entries = log.of(id).stream()
                .filter(entry -> asOf == null || !entry.at().isAfter(asOf))
                .toList();
        return new SewCards(tally(id), entries, pressings);
    }

    /** All batches as they stand, or stood at some moment; with hours a week or a day, a schedule too. */
    @Heavy
    @GetMapping
    SewView batches(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "0") double hoursAWeek,
            @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) @Nullable LocalDate by,
            @RequestParam(required = false) @Nullable Instant asOf) {
        if (hoursAWeek < 0 || hoursAWeek > MOST_HOURS_A_WEEK) {
            throw new RefusedException(new Problem(
                    "Hours a week", "a week has " + (int) MOST_HOURS_A_WEEK + " hours", "type how many you sew"));
        }
        return cards(id, asOf).view(hoursAWeek, Optional.ofNullable(by), LocalDate.now(ZoneId.systemDefault()));
    }

    @Heavy
    @GetMapping("/card")
    CardView card(@PathVariable UUID id, @RequestParam String batch) {
        return cards(id).card(batch);
    }

    /** Taps wait in a browser as long as it takes; ninety days is longer than any sewing weekend (our own figure). */
    private static final long LONGEST_WAIT_MILLIS = 7_776_000_000L;

    /**
     * What is written into the log.
     *
     * @param id chosen by the writer: the same entry sent again, after a broken connection, counts once
     * @param hand left or right where one hand was spoiled; empty otherwise
     * @param text a note, or a measure as typed; empty otherwise
     * @param times sets that were made or spoiled, or units that were spoiled, counted together
     * @param spoiled units among the sets made that are no good
     * @param agoMillis how long ago it was tapped, where it waited for an answer; clocks of devices differ, this does not
     */
    record Written(
            @NotNull UUID id,
            @NotNull Kind kind,
            @NotNull @Size(max = 1000) String batch,
            @NotNull @Size(max = 5) String hand,
            @NotNull @Size(max = 2000) String text,
            @LeftOut("1") @Min(1) @Max(LogEntry.MOST_TIMES) int times,

            @LeftOut("0") @Min(0) int spoiled,
            @LeftOut("0") @Min(0) @Max(LONGEST_WAIT_MILLIS) long agoMillis) {}

    /**
     * Writes one entry, and answers with the card as it stands then. To take back takes the last tally of the batch that
     * still stands; with none left nothing happens.
     */
    @PostMapping("/log")
    CardView write(@PathVariable UUID id, @Valid @RequestBody Written written) {
        TopTally tally = tally(id);
        Batch batch = new SewCards(tally, List.of(), pressings).batch(written.batch());
        List<LogEntry> all = log.append(id, before -> entry(before, written, batch));
        return new SewCards(tally, all, pressings).card(written.batch());
    }

    private static Optional<LogEntry> entry(List<LogEntry> all, Written written, Batch batch) {
        if (all.stream().anyMatch(entry -> entry.id().equals(written.id()))) {
            return Optional.empty();
        }
        if (written.kind() == Kind.TAKE_BACK) {
            return BenchState.of(all).standing(batch.key()).reversed().stream()
                    .filter(entry -> entry.kind() != Kind.NOTE && entry.kind() != Kind.MEASURE)
                    .findFirst()
                    .map(last -> entry(written, batch, 0, Optional.of(last.id())));
        }
        if (written.kind() == Kind.NOTE && written.text().isBlank()) {
            throw new RefusedException(new Problem("Note", "nothing is typed here", "type a word or two"));
        }
        int units = switch (written.kind()) {
            case SET_MADE -> batch.perSet() * written.times();
            case UNIT_SPOILED -> written.times();
            case SET_SPOILED, CUT, PUT_AWAY, NOTE, MEASURE, TAKE_BACK -> 0;
        };
        List<String> faults =
                LogEntry.faults(written.kind(), units, written.times(), written.spoiled(), written.hand(), false);
        if (!faults.isEmpty()) {
            throw new RefusedException(new Problem("Count", faults.getFirst(), "count again, in smaller numbers"));
        }
        return Optional.of(entry(written, batch, units, Optional.empty()));
    }

    private static LogEntry entry(Written written, Batch batch, int units, Optional<UUID> takesBack) {
        return new LogEntry(
                written.id(),
                BenchLog.now().minusMillis(written.agoMillis()),
                written.kind(),
                batch.key().text(),
                units,
                written.times(),
                written.spoiled(),
                written.hand(),
                written.text(),
                takesBack);
    }

    record MeasuredUnit(@NotNull String batch, @NotNull String measured) {}

    /** What a measured first raw unit says of the seam, and whether to go on. */
    record FirstUnitView(boolean goOn, String advice) {}

    @Heavy
    @PostMapping("/first-unit")
    FirstUnitView firstUnit(@PathVariable UUID id, @Valid @RequestBody MeasuredUnit measured) {
        SewCards cards = cards(id);
        Batch batch = cards.batch(measured.batch());
        ReadDesign design = ReadDesign.of(quilts.design(id));
        Length length = LengthReader.readPositive(
                        "First unit, measured",
                        measured.measured(),
                        design.typed().system())
                .orThrow();
        FirstUnit first = batch.set()
                .filter(set -> !(set instanceof MadeSet.Halves))
                .map(set -> FirstUnit.of(length, set.recipe(), design.sizes().settings()))
                .orElseThrow(() -> new RefusedException(new Problem(
                        "First unit, measured", "this batch has no units to trim", "measure what its card names")));
        return new FirstUnitView(first.goOn(), first.advice());
    }

    /** The whole log, as it came. */
    @GetMapping("/log")
    List<LogEntry> wholeLog(@PathVariable UUID id) {
        quilts.get(id);
        return log.of(id);
    }
}
