package org.goldentally.core.making;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.cutting.CutSize;

/**
 * How much of each fabric on the shelf is taken by the groups whose way is chosen already, so that it can be told what the
 * next one would have to buy.
 *
 * <p>A piece cut of a fabric takes the part of it that one piece is of all pieces of its size that the fabric gives. Sizes
 * that share a piece of fabric well take less than that: this compares ways, the account itself is exact.
 */
final class ShelfUse {

    /** Parts add up to one all but for what binary fractions lose. */
    private static final double ROUNDING = 1e-9;

    private final Supply supply;
    /** Of each fabric; 1 is all there is. */
    private final Map<String, Double> taken = new HashMap<>();

    ShelfUse(Supply supply) {
        this.supply = supply;
    }

    void add(List<ClothCut> cuts) {
        cuts.forEach(cut -> taken.merge(cut.cloth(), part(cut), Double::sum));
    }

    void remove(List<ClothCut> cuts) {
        cuts.forEach(cut -> taken.merge(cut.cloth(), -part(cut), Double::sum));
    }

    /** How many pieces of a size there are, if nothing else is cut. */
    long capacity(String cloth, CutSize size) {
        return supply.capacity(cloth, size);
    }

    private double part(ClothCut cut) {
        long capacity = supply.capacity(cut.cloth(), cut.size());
        return capacity == 0 ? 0 : (double) cut.count() / capacity;
    }

    /** Square inches that these would take beyond what is left of the shelf. */
    double toBuy(List<ClothCut> cuts) {
        Map<String, Double> parts = new HashMap<>();
        cuts.forEach(cut -> parts.merge(cut.cloth(), part(cut), Double::sum));
        double sum = 0;
        for (ClothCut cut : cuts) {
            double all = parts.getOrDefault(cut.cloth(), 0.0);
            double before = Math.max(0, taken.getOrDefault(cut.cloth(), 0.0));
            boolean none = part(cut) == 0;
            double beyond = none ? 1 : Math.clamp((before + all - 1) / all, 0, 1);
            if (cut.count() > 0 && beyond > ROUNDING) {
                sum += beyond * cut.area().toDoubleSquareInches();
            }
        }
        return sum;
    }
}
