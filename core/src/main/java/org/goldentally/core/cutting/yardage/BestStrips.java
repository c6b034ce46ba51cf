package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.List;

/**
 * The best few of many strips, by the height that each takes for what it covers: the less, the better; of equal ones the
 * better, of those as good as each other those that came first.
 */
final class BestStrips {

    private final CountedStrip[] strips;
    private final double[] heightForWorth;
    private int size;

    /** None yet. */
    BestStrips(int most) {
        this.strips = new CountedStrip[most];
        this.heightForWorth = new double[most];
    }

    void add(CountedStrip strip, double height) {
        if (size == strips.length && height >= heightForWorth[size - 1]) {
            return;
        }
        int equal = indexOf(strip);
        if (equal >= 0) {
            if (height >= heightForWorth[equal]) {
                return;
            }
            moveUpInto(equal);
        } else if (size < strips.length) {
            size++;
        }
        int i = size - 1;
        for (; i > 0 && heightForWorth[i - 1] > height; i--) {
            strips[i] = strips[i - 1];
            heightForWorth[i] = heightForWorth[i - 1];
        }
        strips[i] = strip;
        heightForWorth[i] = height;
    }

    private int indexOf(CountedStrip strip) {
        for (int i = 0; i < size; i++) {
            if (strips[i].isLike(strip)) {
                return i;
            }
        }
        return -1;
    }

    /** The last place is free afterwards. */
    private void moveUpInto(int gap) {
        System.arraycopy(strips, gap + 1, strips, gap, size - 1 - gap);
        System.arraycopy(heightForWorth, gap + 1, heightForWorth, gap, size - 1 - gap);
    }

    /** Best first. */
    List<CountedStrip> inOrder() {
        List<CountedStrip> best = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            best.add(strips[i]);
        }
        return best;
    }
}
