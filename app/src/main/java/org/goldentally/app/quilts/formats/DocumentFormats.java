package org.goldentally.app.quilts.formats;

import java.util.List;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import tools.jackson.databind.node.ObjectNode;

/** Brings documents of every format there ever was up to date, one format after the other. */
public final class DocumentFormats {

    private static final List<FormatStep> STEPS = List.of(
            new FirstFormat(),
            new SecondFormat(),
            new ThirdFormat(),
            new FourthFormat(),
            new FifthFormat(),
            new SixthFormat(),
            new SeventhFormat(),
            new EighthFormat(),
            new NinthFormat(),
            new TenthFormat(),
            new EleventhFormat(),
            new TwelfthFormat());

    /** The format that the last step writes. */
    public static final int NEWEST = STEPS.size() + 1;

    private DocumentFormats() {}

    /**
     * A document as it is written today.
     *
     * @throws RefusedException if its format is not known
     */
    public static ObjectNode upToDate(ObjectNode document) {
        int format = document.path("format").asInt(0);
        if (format < 1 || format > NEWEST) {
            throw new RefusedException(new Problem(
                    "format",
                    "quilt documents of format " + format + " are not known here",
                    "use one of format 1 to " + NEWEST));
        }
        ObjectNode upToDate = document;
        for (FormatStep step : STEPS.subList(format - 1, STEPS.size())) {
            upToDate = step.next(upToDate).put("format", step.from() + 1);
        }
        return upToDate;
    }
}
