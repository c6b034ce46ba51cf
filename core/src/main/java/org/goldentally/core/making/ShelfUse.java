package org.goldentally.core.making;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

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
    private final double shopLength;
    private final Map<String, Taken> taken = new HashMap<>();

    /**
     * What is cut of a fabric.
     *
     * @param part of all there is; more than 1 is more than there is
     * @param area of the pieces that the fabric on the shelf can give, in square inches
     * @param beyond area of pieces that nothing on the shelf gives
     */
    private record Taken(double part, double area, double beyond) {
        private static final Taken NOTHING = new Taken(0, 0, 0);

        Taken and(Taken more, int sign) {
            return new Taken(part + sign * more.part, area + sign * more.area, beyond + sign * more.beyond);
        }

        double toBuy() {
            return beyond + (part > 1 + ROUNDING ? area * (1 - 1 / part) : 0);
        }
    }

    /** @param shopLength the least length that shops cut, as an area of the usual width in square inches */
    ShelfUse(Supply supply, double shopLength) {
        this.supply = supply;
        this.shopLength = shopLength;
    }

    void add(List<ClothCut> cuts) {
        cuts.forEach(cut -> count(cut, 1));
    }

    void remove(List<ClothCut> cuts) {
        cuts.forEach(cut -> count(cut, -1));
    }

    private void count(ClothCut cut, int sign) {
        taken.put(cut.cloth(), taken.getOrDefault(cut.cloth(), Taken.NOTHING).and(taken(cut), sign));
    }

    private Taken taken(ClothCut cut) {
        long capacity = supply.capacity(cut.cloth(), cut.size());
        double area = cut.area().toDoubleSquareInches();
        return capacity == 0 ? new Taken(0, 0, area) : new Taken((double) cut.count() / capacity, area, 0);
    }

    /** Lengths of a shop that everything counted has to buy beyond the shelf. */
    long lengthsToBuy() {
        return taken.values().stream().mapToLong(this::lengths).sum();
    }

    private long lengths(Taken of) {
        return (long) Math.ceil(of.toBuy() / shopLength - ROUNDING);
    }

    /** So many more lengths than without these. */
    long lengthsToBuy(List<ClothCut> cuts) {
        Map<String, Taken> more = new HashMap<>();
        cuts.forEach(cut -> more.merge(cut.cloth(), taken(cut), (one, other) -> one.and(other, 1)));
        long lengths = 0;
        for (Map.Entry<String, Taken> each : more.entrySet()) {
            Taken before = taken.getOrDefault(each.getKey(), Taken.NOTHING);
            lengths += lengths(before.and(each.getValue(), 1)) - lengths(before);
        }
        return lengths;
    }
}
