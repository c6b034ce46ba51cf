package org.goldentally.core.sew;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.goldentally.core.problem.Known;
import org.goldentally.core.sew.LogEntry.Kind;

/**
 * How fast the work goes, from the log: the time between one set made and the next of the same batch, breaks left out. Half
 * of the sets took no longer than the median; a quarter took longer than the slow figure. Where a kind of work has no time
 * of its own yet, nothing is claimed.
 *
 * @param usual median minutes a set, by kind of batch
 * @param slow minutes that a quarter of the sets exceed
 * @param timed how many sets were timed
 */
public record Pace(Map<Batch.Kind, Double> usual, Map<Batch.Kind, Double> slow, Map<Batch.Kind, Integer> timed) {

    /** A longer pause between two sets is a break, not sewing (our own limit). */
    static final Duration BREAK = Duration.ofMinutes(45);

    /** Two taps closer than this were tallied together, not sewn one after the other (our own limit). */
    static final Duration TAP = Duration.ofSeconds(5);

    /** What is left in minutes: as usual, and if it goes slowly; how many sets cannot be told. */
    public record Estimate(double usualMinutes, double slowMinutes, long setsWithoutPace) {}

    /** What the times between two sets of a batch tell, by kind of work. */
    public static Pace of(BenchState state, List<Batch> batches) {
        Map<Batch.Kind, List<Double>> minutes = new TreeMap<>();
        for (Batch batch : batches) {
            List<Double> between = minutesBetween(state.standing(batch.key()));
            if (!between.isEmpty()) {
                minutes.computeIfAbsent(batch.kind(), any -> new ArrayList<>()).addAll(between);
            }
        }
        Map<Batch.Kind, Double> usual = new TreeMap<>();
        Map<Batch.Kind, Double> slow = new TreeMap<>();
        Map<Batch.Kind, Integer> timed = new TreeMap<>();
        minutes.forEach((kind, times) -> {
            Collections.sort(times);
            usual.put(kind, at(times, 0.5));
            slow.put(kind, at(times, 0.75));
            timed.put(kind, times.size());
        });
        return new Pace(usual, slow, timed);
    }

    /** Between two sets that were tallied one after the other; a typed count says nothing of when each was sewn. */
    private static List<Double> minutesBetween(List<LogEntry> standing) {
        List<Double> minutes = new ArrayList<>();
        Optional<LogEntry> before = Optional.empty();
        for (LogEntry entry : standing) {
            if (entry.kind() != Kind.SET_MADE) {
                continue;
            }
            if (entry.times() > 1) {
                before = Optional.empty();
                continue;
            }
            if (before.isPresent()) {
                Duration took = Duration.between(before.get().at(), entry.at());
                if (took.compareTo(TAP) < 0) {
                    continue;
                }
                if (took.compareTo(BREAK) <= 0) {
                    minutes.add(took.toMillis() / 60_000.0);
                }
            }
            before = Optional.of(entry);
        }
        return minutes;
    }

    /** Between two values in order, as many of them lie below as the share says. */
    private static double at(List<Double> sorted, double share) {
        double place = share * (sorted.size() - 1);
        int below = (int) place;
        int above = Math.min(below + 1, sorted.size() - 1);
        return sorted.get(below) + (place - below) * (sorted.get(above) - sorted.get(below));
    }

    /** Time for all sets that are left; those of work never timed are counted apart. */
    public Estimate rest(BenchState state, List<Batch> batches) {
        double usualSum = 0;
        double slowSum = 0;
        long without = 0;
        for (Batch batch : batches) {
            long left = batch.setsLeft(state.of(batch.key()));
            if (usual.containsKey(batch.kind())) {
                usualSum += left * Known.of(usual, batch.kind());
                slowSum += left * Known.of(slow, batch.kind());
            } else {
                without += left;
            }
        }
        return new Estimate(usualSum, slowSum, without);
    }

    /** The day on which so many minutes are done, at so many hours a week from today on. */
    public static LocalDate doneBy(LocalDate today, double minutes, double hoursAWeek) {
        double days = minutes / 60 / hoursAWeek * 7;
        return today.plusDays((long) Math.ceil(days));
    }

    /** Hours a week that it takes to be done by a day; the day itself counts. */
    public static double hoursAWeek(LocalDate today, double minutes, LocalDate by) {
        long days = Math.max(1, by.toEpochDay() - today.toEpochDay() + 1);
        return minutes / 60 / days * 7;
    }
}
