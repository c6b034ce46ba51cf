package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.block.Figure.FigureUnit;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.GroupKey.As;
import org.goldentally.core.quilt.GroupKey.Sort;
import org.goldentally.core.quilt.TopPart.Kind;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.PlainPatch;
import org.goldentally.core.unit.UnitSymmetry;
import org.goldentally.core.unit.UnitSymmetry.Hand;
import org.goldentally.core.work.Work;

/**
 * Everything a top is made of, counted under its own name: units by size, cloths and hand; plain pieces; loose triangles;
 * strips of sashing and borders by length. Units and pieces of spare blocks are among them; areas are of the top alone.
 *
 * @param units units sewn of several patches, and how many triangles are in them
 * @param pieces plain squares and rectangles in blocks and borders
 * @param triangles loose triangles: side and corner setting triangles, halved cornerstones
 * @param strips sashing strips and plain borders, by length
 * @param blankArea what is left blank because something is missing or does not fit
 * @param areas finished area of each cloth, by its key; the empty key is what is not dressed
 */
public record TopCount(
        List<Group> units,
        List<Group> pieces,
        List<Group> triangles,
        List<Group> strips,
        Area blankArea,
        Map<String, Area> areas) {

    /**
     * Pieces or units that are the same at the machine.
     *
     * @param blocks how many blocks use it
     * @param partIds the parts of the top that use it
     */
    public record Group(GroupKey key, long count, int blocks, List<PartId> partIds) {

        /** What it is called. */
        public String label() {
            return key.label();
        }

        /** What each of them is, in finished size. */
        public PatchworkUnit unit() {
            return key.unit();
        }

        /** Keys of its cloths in the order of its patches. */
        public List<String> cloths() {
            return key.cloths();
        }

        /** Left or right, where units have hands. */
        public Hand hand() {
            return key.hand();
        }

        /** Patches of one of them: 4 for an hourglass. */
        public int patchesEach() {
            return cloths().size();
        }

        /** The same for several tops. */
        public Group times(int factor) {
            return new Group(key, count * factor, blocks * factor, partIds);
        }
    }

    private static final class Tally {
        private long count;
        private int blocks;
        private final List<PartId> partIds = new ArrayList<>();
    }

    /** All units, loose triangles and plain pieces not among them. */
    public long unitCount() {
        return sum(units);
    }

    /** Triangles sewn into units, not loose ones: a half-square triangle unit has two, an hourglass four. */
    public long trianglesInUnits() {
        return units.stream()
                .mapToLong(group -> group.count()
                        * org.goldentally.core.unit.UnitDrawing.of(group.unit()).stream()
                                .filter(patch -> patch.outline().corners().size() == 3)
                                .count())
                .sum();
    }

    /** Triangles that are sewn on as they are, such as setting triangles. */
    public long looseTriangleCount() {
        return sum(triangles);
    }

    /** Plain pieces that are sewn in as they are cut. */
    public long pieceCount() {
        return sum(pieces);
    }

    /** Units, pieces, triangles and strips, one after the other. */
    public List<Group> all() {
        List<Group> all = new ArrayList<>(units);
        all.addAll(pieces);
        all.addAll(triangles);
        all.addAll(strips);
        return all;
    }

    private static long sum(List<Group> groups) {
        return groups.stream().mapToLong(Group::count).sum();
    }

    /** Counts a top, part by part. */
    public static TopCount of(QuiltTop top) {
        List<Group> groups = new ArrayList<>();
        tallies(top).forEach((key, tally) -> groups.add(group(key, tally)));
        groups.sort(Comparator.comparing(Group::label)
                .thenComparing((Group group) -> group.unit().namedSize())
                .thenComparing(group -> group.key().text()));
        Area blank = Area.ZERO;
        Map<String, Area> areas = new TreeMap<>();
        for (Map.Entry<Figure, Integer> figure : top.figures().entrySet()) {
            for (FigurePatch patch : figure.getKey().patches()) {
                Area area = patch.outline().area().times(figure.getValue());
                if (patch.isBlank()) {
                    blank = blank.plus(area);
                } else {
                    areas.merge(patch.cloth(), area, Area::plus);
                }
            }
        }
        return new TopCount(
                ofSort(groups, Sort.UNIT),
                ofSort(groups, Sort.PIECE),
                ofSort(groups, Sort.TRIANGLE),
                ofSort(groups, Sort.STRIP),
                blank,
                areas);
    }

    private static Map<GroupKey, Tally> tallies(QuiltTop top) {
        Map<Figure, Map<GroupKey, Integer>> perFigure = new java.util.IdentityHashMap<>();
        Map<UnitInCloths, UnitSymmetry.Counted> counted = new HashMap<>();
        Map<GroupKey, Tally> tallies = new LinkedHashMap<>();
        for (TopPart part : top.parts()) {
            Map<GroupKey, Integer> groups =
                    perFigure.computeIfAbsent(part.figure(), figure -> groups(figure, part.kind(), counted));
            Work.spend(groups.size());
            groups.forEach((key, count) -> {
                GroupKey asPlaced = part.placing().mirrored() ? key.mirrored() : key;
                Tally tally = tallies.computeIfAbsent(asPlaced, any -> new Tally());
                tally.count += count;
                tally.blocks += part.isBlock() ? 1 : 0;
                tally.partIds.add(part.id());
            });
        }
        for (SpareFigure spare : SpareFigure.of(top)) {
            groups(spare.figure(), Kind.BLOCK, counted)
                    .forEach((key, count) ->
                            tallies.computeIfAbsent(spare.mirrored() ? key.mirrored() : key, any -> new Tally())
                                    .count += count);
        }
        return tallies;
    }

    private static List<Group> ofSort(List<Group> groups, Sort sort) {
        return groups.stream().filter(group -> group.key().sort() == sort).toList();
    }

    /** A unit in its cloths, so that its symmetry is looked up once for the many that are alike. */
    private record UnitInCloths(PatchworkUnit unit, List<String> cloths, boolean mirrored) {}

    private static Map<GroupKey, Integer> groups(
            Figure figure, Kind kind, Map<UnitInCloths, UnitSymmetry.Counted> counted) {
        Map<GroupKey, Integer> groups = new LinkedHashMap<>();
        // Sashing made of units is a pieced row like a border's; only a strip of one piece is counted by length.
        Kind counts = kind == Kind.SASHING && figure.units().size() > 1 ? Kind.PIECED_BORDER : kind;
        for (FigureUnit unit : figure.units()) {
            UnitSymmetry.Counted as = counted.computeIfAbsent(
                    new UnitInCloths(unit.unit(), unit.cloths(), unit.isMirrored()),
                    key -> UnitSymmetry.counted(key.unit, key.cloths, key.mirrored));
            groups.merge(key(as, counts), 1, Integer::sum);
        }
        return groups;
    }

    /** A plain piece is as wide as it is high or wider, however it lies. */
    private static GroupKey key(UnitSymmetry.Counted counted, Kind kind) {
        PatchworkUnit unit = counted.unit();
        if (unit.isTriangle()) {
            As as = kind == Kind.CORNERSTONE ? As.HALF_CORNERSTONE : As.ITSELF;
            return GroupKey.of(Sort.TRIANGLE, as, counted);
        }
        if (!(unit instanceof PlainPatch plain)) {
            return GroupKey.of(Sort.UNIT, As.ITSELF, counted);
        }
        Length longer = Length.max(plain.namedSize(), plain.finishedHeight());
        Length shorter = Length.min(plain.namedSize(), plain.finishedHeight());
        UnitSymmetry.Counted lying =
                new UnitSymmetry.Counted(new PlainPatch(longer, shorter), counted.cloths(), Hand.NONE);
        return switch (kind) {
            case SASHING -> GroupKey.of(Sort.STRIP, As.SASHING, lying);
            case BORDER -> GroupKey.of(Sort.STRIP, As.BORDER, lying);
            case MITRED_BORDER -> GroupKey.of(Sort.STRIP, As.MITRED_BORDER, lying);
            case CORNERSTONE -> GroupKey.of(Sort.PIECE, As.CORNERSTONE, lying);
            case BORDER_CORNER -> GroupKey.of(Sort.PIECE, As.BORDER_CORNER, lying);
            case PLAIN_BETWEEN -> GroupKey.of(Sort.PIECE, As.PLAIN_BETWEEN, lying);
            case BLOCK, HALF_BLOCK, SETTING_TRIANGLE, PIECED_BORDER -> GroupKey.of(Sort.PIECE, As.ITSELF, lying);
        };
    }

    private static Group group(GroupKey key, Tally tally) {
        return new Group(
                key,
                tally.count,
                tally.blocks,
                tally.partIds.stream().distinct().toList());
    }
}
