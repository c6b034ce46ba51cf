package org.goldentally.core.sew;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The pace, what is left at it, and a schedule, in words. */
public record PaceInWords(Pace pace, Pace.Estimate rest) {

    /** Slower than usual by more than this is worth a word: a twentieth (our own limit). */
    private static final double WORTH_SAYING = 1.05;

    /** {@code units: about 3 min a set, from 7 timed}. */
    public List<String> paces() {
        List<String> paces = new ArrayList<>();
        pace.usual()
                .forEach((kind, minutes) -> paces.add(kind.name().toLowerCase(Locale.ROOT) + ": about "
                        + minutes(minutes) + " a set, from " + pace.timed().get(kind) + " timed"));
        return paces;
    }

    /** What is left, where anything was timed yet. */
    public String left() {
        if (pace.usual().isEmpty()) {
            return "No pace yet: it is told from the time between one set and the next.";
        }
        double usual = rest.usualMinutes() / 60;
        double slow = rest.slowMinutes() / 60;
        String slowly = slow > usual * WORTH_SAYING ? ", or " + hours(slow) + " if it goes slowly" : "";
        return "Left of what has a pace: " + hours(usual) + slowly + withoutPace(rest.setsWithoutPace());
    }

    private static String withoutPace(long sets) {
        return sets == 0
                ? ""
                : sets == 1
                        ? "; 1 set of other work has no pace yet"
                        : "; " + sets + " sets of other work have no pace yet";
    }

    /**
     * When it is done, and what it takes to be done by a day.
     *
     * @param hoursAWeek 0 where the quilter did not say
     */
    public String schedule(double hoursAWeek, Optional<LocalDate> by, LocalDate today) {
        if (rest.slowMinutes() == 0) {
            return "";
        }
        List<String> said = new ArrayList<>();
        if (hoursAWeek > 0) {
            said.add(String.format(
                    Locale.ROOT,
                    "At %s h a week it is done about %s, at the latest %s.",
                    plain(hoursAWeek),
                    Pace.doneBy(today, rest.usualMinutes(), hoursAWeek),
                    Pace.doneBy(today, rest.slowMinutes(), hoursAWeek)));
        }
        by.ifPresent(day -> said.add(
                day.isBefore(today)
                        ? day + " is past."
                        : "To be done by " + day + " takes about "
                                + plain(Pace.hoursAWeek(today, rest.usualMinutes(), day)) + " h a week, "
                                + plain(Pace.hoursAWeek(today, rest.slowMinutes(), day)) + " if it goes slowly."));
        return String.join(" ", said);
    }

    private static String plain(double hours) {
        return String.format(Locale.ROOT, "%.1f", Math.ceil(hours * 10) / 10);
    }

    /** {@code 3 min}. */
    public static String minutes(double minutes) {
        return minutes < 1 ? "under a minute" : Math.round(minutes) + " min";
    }

    /** {@code 2.5 h}, or minutes where it is less than one. */
    public static String hours(double hours) {
        return hours < 1 ? Math.round(hours * 60) + " min" : String.format(Locale.ROOT, "%.1f h", hours);
    }
}
