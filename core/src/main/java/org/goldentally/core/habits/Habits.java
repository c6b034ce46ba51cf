package org.goldentally.core.habits;

/** How a quilter marks and presses: schools, not rules. */
public record Habits(Marking marking, Pressing pressing) {

    /** The line to cut on is drawn, and seams are pressed to the dark: the commonest ways (common practice, no source). */
    public static final Habits USUAL = new Habits(Marking.CUTTING_LINE, Pressing.TO_THE_DARK);

    /** What is drawn on the wrong side of the lighter cloth. */
    public enum Marking {
        CUTTING_LINE("draw the cutting line"),
        SEWING_LINES("draw both sewing lines"),
        NOTHING("draw nothing");

        private final String label;

        Marking(String label) {
            this.label = label;
        }

        /** As on the page: {@code draw both sewing lines}. */
        public String label() {
            return label;
        }
    }

    /** Where the seam allowances go. */
    public enum Pressing {
        TO_THE_DARK("to the dark", "Press the seam to the darker fabric, so that it does not show through."),
        OPEN("open", "Press the seam open; sew such seams with a shorter stitch."),
        TO_THE_THINNER("to the thinner fabric", "Press the seam to the thinner fabric.");

        private final String label;
        private final String instruction;

        Pressing(String label, String instruction) {
            this.label = label;
            this.instruction = instruction;
        }

        /** As on the page: {@code to the dark}. */
        public String label() {
            return label;
        }

        /** The sentence in a step of sewing. */
        public String instruction() {
            return instruction;
        }
    }
}
