package org.goldentally.core.finishing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Join;
import org.goldentally.core.design.BorderDesign.SideJoin;
import org.goldentally.core.design.BorderSideDesign;
import org.goldentally.core.design.BorderSideDesign.Side;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.problem.Known;
import org.goldentally.core.problem.Problem;

/**
 * How a print with an up and a down lies in each side of a border. Its up runs along the length of the cloth: in a strip cut
 * across the cloth it stands across the strip, in one cut along the length it runs along it (geometry). So strips across are
 * upright above and below and lie on their side left and right, and strips along the length the other way round.
 */
public record BorderPrint(boolean matters, Map<Side, Lie> lies) {

    private static final Map<Side, String> NAMES =
            new EnumMap<>(Map.of(Side.UPPER, "above", Side.RIGHT, "right", Side.LOWER, "below", Side.LEFT, "left"));

    /** How it lies in one side. */
    public enum Lie {
        /** The print has no up and down. */
        ANY(""),
        UPRIGHT(", the print upright"),
        ON_ITS_SIDE(", the print on its side");

        private final String says;

        Lie(String says) {
            this.says = says;
        }

        String says() {
            return says;
        }
    }

    /** Of the plain sides of a border that are of one cloth. */
    public static BorderPrint of(BorderDesign border, String cloth, QuiltDesign design) {
        boolean directional =
                design.cloth(cloth).filter(ClothInHand::directional).isPresent();
        Map<Side, Lie> lies = new EnumMap<>(Side.class);
        for (Side side : Side.values()) {
            boolean lying = side == Side.UPPER || side == Side.LOWER;
            boolean across = border.joinOn(side) != Join.ALONG_LENGTH;
            lies.put(side, !directional ? Lie.ANY : lying == across ? Lie.UPRIGHT : Lie.ON_ITS_SIDE);
        }
        return new BorderPrint(directional, lies);
    }

    /** How it lies on one side. */
    public Lie on(Side side) {
        return lies.getOrDefault(side, Lie.ANY);
    }

    /** The sides on which it lies on its side, clockwise from the upper one. */
    public List<Side> onItsSide() {
        return Arrays.stream(Side.values())
                .filter(side -> lies.get(side) == Lie.ON_ITS_SIDE)
                .toList();
    }

    /** The sides on which it stands upright, clockwise from the upper one. */
    public List<Side> upright() {
        return Arrays.stream(Side.values())
                .filter(side -> lies.get(side) == Lie.UPRIGHT)
                .toList();
    }

    /**
     * Prints with an up and a down in a design's borders.
     *
     * @param border from 0
     */
    public record InBorder(int border, String cloth, BorderPrint print) {

        /** {@code plum stands upright above and below, and lies on its side right and left}. */
        public String says() {
            List<String> said = new ArrayList<>();
            if (!print.upright().isEmpty()) {
                said.add("stands upright " + names(print.upright()));
            }
            if (!print.onItsSide().isEmpty()) {
                said.add("lies on its side " + names(print.onItsSide()));
            }
            return cloth + " " + String.join(", and ", said);
        }
    }

    /** Each print with an up and a down that plain sides of borders show. */
    public static List<InBorder> inBordersOf(QuiltDesign design) {
        List<InBorder> found = new ArrayList<>();
        for (int i = 0; i < design.borders().size(); i++) {
            BorderDesign border = design.borders().get(i);
            Map<String, List<Side>> sides = new LinkedHashMap<>();
            for (Side side : Side.values()) {
                BorderSideDesign made = border.on(side);
                if (made.kind() != BorderSideDesign.Kind.NONE && !made.madeOfUnits()) {
                    sides.computeIfAbsent(made.cloth(), any -> new ArrayList<>())
                            .add(side);
                }
            }
            for (Map.Entry<String, List<Side>> each : sides.entrySet()) {
                BorderPrint print = of(border, each.getKey(), design);
                if (print.matters) {
                    Map<Side, Lie> shown = new EnumMap<>(print.lies);
                    shown.keySet().retainAll(each.getValue());
                    String name = design.cloth(each.getKey()).orElseThrow().name();
                    found.add(new InBorder(i, name, new BorderPrint(true, shown)));
                }
            }
        }
        return found;
    }

    /** How the sides are cut so that a print stands upright all round: the lying ones across, the standing ones along. */
    public static List<SideJoin> uprightAllRound(BorderDesign border) {
        Join across = border.join() == Join.ALONG_LENGTH ? Join.STRAIGHT : border.join();
        return List.of(
                new SideJoin(Side.UPPER, across),
                new SideJoin(Side.RIGHT, Join.ALONG_LENGTH),
                new SideJoin(Side.LOWER, across),
                new SideJoin(Side.LEFT, Join.ALONG_LENGTH));
    }

    /** What nobody has decided yet: a print that lies on its side somewhere, in a border whose sides are all cut alike. */
    public static List<Problem> toDecide(QuiltDesign design) {
        return inBordersOf(design).stream()
                .filter(each -> design.borders().get(each.border).sideJoins().isEmpty()
                        && !each.print.onItsSide().isEmpty())
                .map(each -> new Problem(
                        "Border " + (each.border + 1) + ", print",
                        each.says(),
                        "at the station Top, Borders, have it stand upright all round, or say how each side is cut"))
                .toList();
    }

    /** {@code right and left}, {@code above, right and below}. */
    public static String names(List<Side> sides) {
        List<String> names =
                sides.stream().map(side -> Known.of(NAMES, side)).collect(Collectors.toCollection(ArrayList::new));
        String last = names.removeLast();
        return names.isEmpty() ? last : String.join(", ", names) + " and " + last;
    }
}
