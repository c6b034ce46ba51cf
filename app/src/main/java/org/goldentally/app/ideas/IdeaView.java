package org.goldentally.app.ideas;

import java.util.List;
import org.goldentally.app.top.TopPictureView;
import org.goldentally.app.top.TopWords;
import org.goldentally.core.cloth.HousePrint;
import org.goldentally.core.ideas.TopIdea;
import org.goldentally.core.plans.PiecingTime;
import org.goldentally.core.plans.PlanInWords;
import org.goldentally.core.quilt.QuiltTop;

/**
 * A top that the cloth makes, as it is shown.
 *
 * @param key finds it again
 * @param says in which cloths, and how set
 * @param size finished
 * @param blocks {@code 20 blocks}
 * @param buys each length to buy for the top and its binding, and what cannot be counted; empty where there is neither
 * @param left what of its cloths stays whole; empty where none of them is on the shelf
 * @param hours to cut and piece it
 * @param order what the wall is ordered by
 */
record IdeaView(
        String key,
        String name,
        String says,
        String size,
        String blocks,
        List<String> buys,
        String left,
        String hours,
        Order order,
        List<String> colours,
        List<HousePrint> prints,
        TopPictureView picture) {

    /**
     * Figures to order by.
     *
     * @param named whether its block was asked for by name
     * @param worth 0 for what uses most of the fabric and buys nothing, the highest for what buys something
     * @param bought cloth to buy, in square inches
     * @param finished area of the top, in square inches
     * @param used cloth of the shelf that is used, in square inches
     */
    record Order(boolean named, int worth, double bought, double finished, double used, double minutes) {}

    static IdeaView of(TopIdea idea) {
        QuiltTop top = idea.tally().top();
        return new IdeaView(
                idea.key(),
                idea.name(),
                idea.says(),
                TopWords.size(top),
                top.blocksInWords(),
                idea.toBuy(),
                left(idea),
                PlanInWords.hours(PiecingTime.minutes(idea.tally())),
                new Order(
                        idea.named(),
                        idea.worth().rank(),
                        idea.bought().toDoubleSquareInches(),
                        top.area().toDoubleSquareInches(),
                        idea.used().toDoubleSquareInches(),
                        idea.costs().minutes()),
                TopWords.colours(top),
                TopWords.prints(top),
                TopPictureView.of(top));
    }

    private static String left(TopIdea idea) {
        if (idea.used().isZero()) {
            return "";
        }
        if (idea.clothsUntouched() > 0) {
            return idea.clothsUntouched() + (idea.clothsUntouched() == 1 ? " fabric" : " fabrics") + " left untouched";
        }
        if (idea.whole() > 0) {
            return idea.whole() + (idea.whole() == 1 ? " piece" : " pieces") + " left whole";
        }
        return "cuts into every piece";
    }
}
