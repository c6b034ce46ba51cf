package org.goldentally.core.design;

import java.util.List;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Limits;

/**
 * Kits of a quilt that are made alike: for a class, for a shop, for friends.
 *
 * @param name of the colourway; empty where there is one only
 * @param count how many kits of it
 * @param cloths cloths that are others than in the quilt
 */
public record KitDesign(
        @LeftOut("\"\"") String name,
        int count,
        @LeftOut("[]") List<OtherCloth> cloths) {

    /** More kits than a large class and a small shop cut at once (our own limit). */
    public static final int MOST_KITS = 500;

    /**
     * One cloth for another.
     *
     * @param from key of the quilt's cloth
     * @param to name of the other one, as on the shelf or as it is called
     */
    public record OtherCloth(String from, String to) {
        public OtherCloth {
            Limits.text(from, 60, "from");
            Limits.text(to, 200, "to");
        }
    }

    public KitDesign {
        Limits.text(name, 80, "name");
        Limits.between(count, 1, MOST_KITS, "count");
        Limits.list(cloths, 200, "cloths");
        cloths = List.copyOf(cloths);
    }
}
