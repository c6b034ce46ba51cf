package org.goldentally.app.sew;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.goldentally.app.sew.SewView.PaceView;
import org.goldentally.core.sew.Pace;

/** The pace, what is left at it, and a schedule, in words. */
record PaceWords(Pace pace, Pace.Estimate rest) {

    /** @param hoursAWeek 0 where the quilter did not say */
    PaceView view(double hoursAWeek, Optional<LocalDate> by, LocalDate today) {
        List<String> paces = new ArrayList<>();
        pace.usual()
                .forEach((kind, minutes) -> paces.add(kind.name().toLowerCase(Locale.ROOT) + ": about "
                        + minutes(minutes) + " a set, from " + pace.timed().get(kind) + " timed"));
        double usual = rest.usualMinutes() / 60;
        double slow = rest.slowMinutes() / 60;
        String said;
        if (paces.isEmpty()) {
            said = "No pace yet: it is told from the time between one set and the next.";
        } else {
            said = "Left of what has a pace: " + hours(usual)
                    + (slow > usual * 1.05 ? ", or " + hours(slow) + " if it goes slowly" : "")
                    + (rest.setsWithoutPace() > 0
                            ? "; " + rest.setsWithoutPace() + " sets of other work have no pace yet"
                            : "");
        }
        return new PaceView(paces, said, usual, slow, schedule(rest, hoursAWeek, by, today));
    }

    private static String schedule(Pace.Estimate rest, double hoursAWeek, Optional<LocalDate> by, LocalDate today) {
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

    static String minutes(double minutes) {
        return minutes < 1 ? "under a minute" : Math.round(minutes) + " min";
    }

    static String hours(double hours) {
        return hours < 1 ? Math.round(hours * 60) + " min" : String.format(Locale.ROOT, "%.1f h", hours);
    }
}
