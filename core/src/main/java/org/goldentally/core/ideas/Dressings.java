package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.ideas.Dressing.Spread;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;

/**
 * The ways to dress blocks in the cloths at hand. A length makes a ground, the lightest first; the prints of a pack, and
 * loose prints together, are heaps that take turns; without any length a heap's lighter half is the ground of its darker
 * one. All of this is our own choice, to be changed in the quilt that comes of it.
 */
final class Dressings {

    /** Fewer prints than this do not look like a heap. */
    private static final int SMALLEST_HEAP = 4;

    /** A quilt has no more cloths than 200, the ground and the accent among them. */
    private static final int LARGEST_HEAP = 150;

    /** Cloths closer in lightness read as one; two that are meant to be told apart are further from each other. */
    private static final double TOLD_APART = 20;

    /** A length of a yard and less is one of several; of 45 in wide, as the widest usual ones. */
    private static final Area SHORT = Length.inches(36).times(Length.inches(45));

    private static final int MOST_SINGLE = 4;

    private static final int MOST_IN_TURN = 8;

    /** Of more packs the largest: 200 tops would show no more of them. */
    private static final int MOST_HEAPS = 8;

    private List<ShelfCloth> cloths;
    private List<ShelfCloth> toUse = List.of();
    private final List<Dressing> found = new ArrayList<>();

    private Dressings(List<ShelfCloth> cloths) {
        this.cloths = cloths.isEmpty() ? nothingYet() : cloths;
    }

    /** All ways, the one that most quilters would try first in front. */
    static List<Dressing> of(List<ShelfCloth> cloths) {
        return new Dressings(cloths).all();
    }

    /** Three cloths that are still to be bought. */
    private static List<ShelfCloth> nothingYet() {
        return List.of(
                ShelfCloth.toBuy("light fabric", "#f3ead2"),
                ShelfCloth.toBuy("dark fabric", "#22374f"),
                ShelfCloth.toBuy("third fabric", "#c8971f"));
    }

    private List<Dressing> all() {
        List<ShelfCloth> grounds = grounds();
        Map<Heap, List<ShelfCloth>> heaps = heaps(grounds);
        for (ShelfCloth ground : grounds) {
            Optional<ShelfCloth> accent = accent(ground);
            heaps.forEach((name, prints) -> heap(ground, name, prints, accent));
        }
        toUse = heaps.isEmpty() ? cloths : heaps.values().iterator().next();
        for (ShelfCloth ground : grounds) {
            inTurn(ground, accent(ground));
            fewCloths(ground);
        }
        heaps.forEach(this::lightAndDark);
        if (found.isEmpty()) {
            onClothToBuy();
        }
        return List.copyOf(found);
    }

    /** One cloth, or several that are alike in value, go on one that is still to be bought. */
    private void onClothToBuy() {
        ShelfCloth first = singles().isEmpty() ? cloths.getFirst() : singles().getFirst();
        List<ShelfCloth> grounds =
                nothingYet().stream().filter(each -> isToldApart(each, first)).toList();
        cloths = Stream.concat(cloths.stream(), grounds.stream()).toList();
        grounds.forEach(this::fewCloths);
    }

    /** The lightest and the darkest of what there is much of. */
    private List<ShelfCloth> grounds() {
        // A pack of plain squares is a ground as good as a length.
        List<ShelfCloth> large = Stream.concat(
                        cloths.stream().filter(cloth -> !cloth.lengths().isZero()), singles().stream())
                .distinct()
                .sorted(Comparator.comparing(ShelfCloth::area).reversed())
                .toList();
        if (large.isEmpty()) {
            return List.of();
        }
        double most = large.getFirst().area().toDoubleSquareInches();
        List<ShelfCloth> enough = large.stream()
                .filter(cloth -> cloth.area().toDoubleSquareInches() * 3 >= most)
                .sorted(Comparator.comparingDouble(ShelfCloth::value).reversed())
                .toList();
        ShelfCloth light = enough.getFirst();
        ShelfCloth dark = enough.getLast();
        return light.value() - dark.value() < TOLD_APART ? List.of(light) : List.of(light, dark);
    }

    /** Cloths of no pack, or of one too small for a heap; those with most of them first. */
    private List<ShelfCloth> singles() {
        Map<String, Long> prints =
                cloths.stream().collect(Collectors.groupingBy(ShelfCloth::pack, Collectors.counting()));
        return cloths.stream()
                .filter(cloth -> cloth.pack().isEmpty() || prints.getOrDefault(cloth.pack(), 0L) < SMALLEST_HEAP)
                .sorted(Comparator.comparing(ShelfCloth::area).reversed())
                .toList();
    }

    /** The largest first. */
    private Map<Heap, List<ShelfCloth>> heaps(List<ShelfCloth> grounds) {
        Map<Heap, List<ShelfCloth>> heaps = new LinkedHashMap<>();
        cloths.stream()
                .filter(cloth -> !cloth.pack().isEmpty())
                .forEach(cloth -> heaps.computeIfAbsent(Heap.ofPrints(cloth.pack()), any -> new ArrayList<>())
                        .add(cloth));
        List<ShelfCloth> loose = cloths.stream()
                .filter(cloth -> cloth.pack().isEmpty() && !cloth.pieces().isEmpty())
                .toList();
        heaps.put(
                Heap.ofPrints("the loose prints"),
                loose.stream()
                        .filter(cloth -> cloth.lengths().isZero() && !grounds.contains(cloth))
                        .toList());
        heaps.put(
                Heap.SHORT_LENGTHS,
                loose.stream()
                        .filter(cloth ->
                                !cloth.lengths().isZero() && cloth.area().compareTo(SHORT) <= 0)
                        .toList());
        Map<Heap, List<ShelfCloth>> largest = new LinkedHashMap<>();
        heaps.entrySet().stream()
                .filter(heap -> heap.getValue().size() >= SMALLEST_HEAP)
                .sorted(Map.Entry.<Heap, List<ShelfCloth>>comparingByValue(Comparator.comparing(Dressings::areaOf))
                        .reversed())
                .limit(MOST_HEAPS)
                .forEach(heap -> largest.put(
                        heap.getKey(),
                        heap.getValue().stream().limit(LARGEST_HEAP).toList()));
        return largest;
    }

    /**
     * What a heap is called.
     *
     * @param name finds a dressing in it again
     * @param one begins with {@code one}: {@code one print of autumn}
     * @param some begins with nothing: {@code prints of autumn}
     */
    private record Heap(String name, String one, String some) {

        static final Heap SHORT_LENGTHS = new Heap("the short lengths", "of the short lengths", "of the short lengths");

        static Heap ofPrints(String name) {
            return new Heap(name, "print of " + name, "prints of " + name);
        }
    }

    private static Area areaOf(List<ShelfCloth> heap) {
        return heap.stream().map(ShelfCloth::area).reduce(Area.ZERO, Area::plus);
    }

    /** The largest length that is told apart from the ground; else the ground itself. */
    private Optional<ShelfCloth> accent(ShelfCloth ground) {
        Optional<ShelfCloth> length = singles().stream()
                .filter(Dressings::isForLargePieces)
                .filter(cloth -> isToldApart(cloth, ground))
                .findFirst();
        return length.or(() -> Optional.of(ground).filter(Dressings::isForLargePieces));
    }

    /** A length, or a cloth that can be bought as one. */
    private static boolean isForLargePieces(ShelfCloth cloth) {
        return !cloth.lengths().isZero() || cloth.pieces().isEmpty();
    }

    private static boolean isToldApart(ShelfCloth one, ShelfCloth other) {
        return Math.abs(one.value() - other.value()) >= TOLD_APART;
    }

    private void heap(ShelfCloth ground, Heap name, List<ShelfCloth> heap, Optional<ShelfCloth> accent) {
        List<ShelfCloth> prints = heap.stream()
                .filter(print -> !print.equals(ground) && !vanishesIn(ground, print))
                .toList();
        if (prints.size() < SMALLEST_HEAP) {
            return;
        }
        for (Spread spread : Spread.values()) {
            String says = switch (spread) {
                case ONE_A_BLOCK -> "each block in one " + name.one();
                case ONE_A_CLOTH -> "several " + name.some() + " in each block";
                case ONE_A_UNIT -> "each unit in another " + name.one();
            };
            String key = switch (spread) {
                case ONE_A_BLOCK -> "one:";
                case ONE_A_CLOTH -> "several:";
                case ONE_A_UNIT -> "each:";
            };
            found.add(new Dressing(
                    key + name.name() + ":" + ground.name(),
                    says + ", on " + ground.name(),
                    List.of(ground),
                    List.of(prints),
                    spread,
                    Optional.of(ground).filter(Dressings::isForLargePieces),
                    accent,
                    heap));
        }
    }

    /** A print as light or as dark as its ground reads as a hole; a colour that nobody has said is not judged. */
    private static boolean vanishesIn(ShelfCloth ground, ShelfCloth print) {
        return !ground.guessed() && !print.guessed() && !isToldApart(ground, print);
    }

    /** One fabric a block, so that several short lengths go into one quilt, where there is ground enough for all of them. */
    private void inTurn(ShelfCloth ground, Optional<ShelfCloth> accent) {
        List<ShelfCloth> others = singles().stream()
                .filter(cloth -> !cloth.equals(ground) && isToldApart(cloth, ground))
                .limit(MOST_IN_TURN)
                .toList();
        boolean enoughGround = areaOf(others).times(2).compareTo(ground.area().times(3)) <= 0;
        if (others.size() > 1 && enoughGround) {
            String last = others.getLast().name();
            String names = others.subList(0, others.size() - 1).stream()
                    .map(ShelfCloth::name)
                    .collect(Collectors.joining(", "));
            found.add(new Dressing(
                    "turns:" + others.size() + ":" + ground.name(),
                    "each block in one of " + names + " and " + last + ", on " + ground.name(),
                    List.of(ground),
                    List.of(others),
                    Spread.ONE_A_BLOCK,
                    Optional.of(ground).filter(Dressings::isForLargePieces),
                    accent,
                    toUse));
        }
    }

    /** The same cloths in every block. */
    private void fewCloths(ShelfCloth ground) {
        List<ShelfCloth> others = singles().stream()
                .filter(cloth -> !cloth.equals(ground) && isToldApart(cloth, ground))
                .limit(MOST_SINGLE)
                .toList();
        for (int count = 1; count <= others.size(); count++) {
            List<ShelfCloth> chosen = others.subList(0, count);
            String names =
                    String.join(", ", chosen.stream().map(ShelfCloth::name).toList());
            found.add(new Dressing(
                    "few:" + count + ":" + ground.name(),
                    "every block in " + names + ", on " + ground.name(),
                    List.of(ground),
                    chosen.stream().map(List::of).toList(),
                    Spread.ONE_A_CLOTH,
                    Optional.of(ground).filter(Dressings::isForLargePieces),
                    others.stream()
                            .filter(each -> !chosen.contains(each))
                            .filter(Dressings::isForLargePieces)
                            .findFirst()
                            .or(() -> accent(ground)),
                    toUse));
        }
    }

    /**
     * The lighter half of a heap is the ground of the darker one. Of short lengths one is kept for border and binding, which
     * would take half of what the blocks have of it.
     */
    private void lightAndDark(Heap name, List<ShelfCloth> prints) {
        List<ShelfCloth> byValue = prints.stream()
                .sorted(Comparator.comparingDouble(ShelfCloth::value).reversed())
                .toList();
        Optional<ShelfCloth> kept = name.equals(Heap.SHORT_LENGTHS) && prints.size() > SMALLEST_HEAP
                ? Optional.of(byValue.getLast())
                : Optional.empty();
        List<ShelfCloth> inBlocks = byValue.subList(0, byValue.size() - (kept.isPresent() ? 1 : 0));
        List<ShelfCloth> light = inBlocks.subList(0, inBlocks.size() / 2);
        List<ShelfCloth> dark = inBlocks.subList(inBlocks.size() / 2, inBlocks.size());
        List<ShelfCloth> lengths =
                singles().stream().filter(Dressings::isForLargePieces).toList();
        Optional<ShelfCloth> between = kept.or(() -> lengths.stream().findFirst());
        Optional<ShelfCloth> accent =
                kept.or(() -> lengths.stream().skip(1).findFirst()).or(() -> between);
        found.add(new Dressing(
                "halves:" + name.name(),
                "light " + name.some().replaceFirst("^of", "ones of") + " against dark ones",
                light,
                List.of(dark),
                Spread.ONE_A_BLOCK,
                between,
                accent,
                prints));
    }
}
