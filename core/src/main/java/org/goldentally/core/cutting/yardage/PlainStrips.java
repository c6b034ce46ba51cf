package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.goldentally.core.cutting.yardage.Strip.Segment;
import org.goldentally.core.cutting.yardage.Strip.Stacked;

/** One size a strip: for each size, of all mixes of strips with the piece upright and turned, the shortest. */
final class PlainStrips {

    private PlainStrips() {}

    static YardagePlan plan(Demand demand) {
        List<Strip> strips = new ArrayList<>();
        for (int i = 0; i < demand.items().size(); i++) {
            int item = i;
            List<Demand.Lying> lyings = demand.lyings().stream()
                    .filter(lying -> lying.item() == item)
                    .toList();
            strips.addAll(ofOneSize(demand, lyings, demand.items().get(i).count()));
        }
        int bound = Math.toIntExact(Math.ceilDiv(demand.area(), demand.widthOfFabric()));
        int length = strips.stream().mapToInt(Strip::height).sum();
        return new YardagePlan(demand, strips, Math.min(bound, length));
    }

    private static List<Strip> ofOneSize(Demand demand, List<Demand.Lying> lyings, int count) {
        Demand.Lying first = lyings.getFirst();
        Demand.Lying second = lyings.getLast();
        int ofFirst = demand.widthOfFabric() / first.width();
        int ofSecond = demand.widthOfFabric() / second.width();
        int most = Math.ceilDiv(count, ofFirst);
        int bestFirst = most;
        int least = most * first.height();
        for (int n = most - 1; n >= 0; n--) {
            int length = n * first.height() + Math.ceilDiv(count - n * ofFirst, ofSecond) * second.height();
            if (length < least) {
                least = length;
                bestFirst = n;
            }
        }
        List<Strip> strips = new ArrayList<>();
        int open = count;
        for (int n = 0; open > 0; n++) {
            Demand.Lying lying = n < bestFirst ? first : second;
            int pieces = Math.min(open, n < bestFirst ? ofFirst : ofSecond);
            Segment segment = Segment.of(List.of(new Stacked(lying.item(), lying.width(), lying.height())));
            strips.add(new Strip(lying.height(), Collections.nCopies(pieces, segment)));
            open -= pieces;
        }
        return strips;
    }
}
