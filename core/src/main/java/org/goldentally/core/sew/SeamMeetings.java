package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.problem.Known;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.sew.Assembly.Seam;
import org.goldentally.core.sew.PressingMap.Direction;
import org.goldentally.core.sew.PressingMap.Pressed;

/** Where on a top seams of one block meet those of another, or seams that join blocks: in one line, end to end. */
final class SeamMeetings {

    /**
     * A block at its place, or the rows of the top.
     *
     * @param kind number of what is sewn alike
     * @param part empty for the rows
     */
    record Spot(int kind, Optional<TopPart> part) {}

    /** A seam of a spot. */
    record SeamAt(int spot, int seam) {}

    /** @param alike whether both would be pressed to the same side, each as its layout has it */
    record Meeting(SeamAt one, SeamAt other, boolean alike) {}

    /** @param heading of the seam from its end on, and {@code pressed} of its allowances, in quarter turns from the right */
    private record End(SeamAt seam, int heading, int pressed) {}

    private final List<Layout> kinds = new ArrayList<>();
    private final List<Spot> spots = new ArrayList<>();
    private final Map<Point, List<End>> ends = new LinkedHashMap<>();
    private final Map<SeamAt, Seam> onTop = new HashMap<>();

    void add(Layout layout, List<TopPart> parts, RowsFrame frame) {
        List<Pressed> seams = layout.pressing().seams();
        for (TopPart part : parts) {
            for (int i = 0; i < seams.size(); i++) {
                Seam seam = seams.get(i).seam();
                lay(
                        new SeamAt(spots.size(), i),
                        onTop(part, seam.from(), frame),
                        onTop(part, seam.to(), frame),
                        seams.get(i),
                        frame.quarterTurns(part));
            }
            spots.add(new Spot(kinds.size(), Optional.of(part)));
        }
        kinds.add(layout);
    }

    void addRows(Layout layout) {
        List<Pressed> seams = layout.pressing().seams();
        for (int i = 0; i < seams.size(); i++) {
            Seam seam = seams.get(i).seam();
            lay(new SeamAt(spots.size(), i), seam.from(), seam.to(), seams.get(i), 0);
        }
        spots.add(new Spot(kinds.size(), Optional.empty()));
        kinds.add(layout);
    }

    /** A block's layout is already mirrored: what is left is to turn it. */
    private static Point onTop(TopPart part, Point point, RowsFrame frame) {
        Placing placing = part.placing();
        Point unmirrored = placing.mirrored() ? new Point(placing.boxWidth().minus(point.x()), point.y()) : point;
        return frame.apply(placing.apply(unmirrored));
    }

    private void lay(SeamAt at, Point from, Point to, Pressed pressed, int turns) {
        Seam seam = pressed.seam();
        onTop.put(at, new Seam(from, to, from.y().equals(to.y()), seam.first(), seam.second()));
        if (pressed.direction() != Direction.OPEN) {
            int side = Math.floorMod(heading(pressed.direction()) + turns, 4);
            int heading = heading(from, to);
            ends.computeIfAbsent(from, any -> new ArrayList<>()).add(new End(at, heading, side));
            ends.computeIfAbsent(to, any -> new ArrayList<>()).add(new End(at, (heading + 2) % 4, side));
        }
    }

    private static int heading(Point from, Point to) {
        if (from.y().equals(to.y())) {
            return to.x().isLongerThan(from.x()) ? 0 : 2;
        }
        return to.y().isLongerThan(from.y()) ? 1 : 3;
    }

    private static int heading(Direction direction) {
        return switch (direction) {
            case RIGHT -> 0;
            case DOWN -> 1;
            case LEFT -> 2;
            case UP -> 3;
            case OPEN -> throw new IllegalArgumentException("pressed open, a seam lies to both sides");
        };
    }

    List<Layout> kinds() {
        return kinds;
    }

    List<Spot> spots() {
        return spots;
    }

    /** A seam where it lies on the top, turned so that its rows lie level. */
    Seam onTop(SeamAt seam) {
        return Known.of(onTop, seam);
    }

    List<Meeting> meetings() {
        List<Meeting> meetings = new ArrayList<>();
        for (List<End> here : ends.values()) {
            for (int i = 0; i < here.size(); i++) {
                for (int j = i + 1; j < here.size(); j++) {
                    End one = here.get(i);
                    End other = here.get(j);
                    if (one.seam.spot() != other.seam.spot() && Math.floorMod(one.heading - other.heading, 4) == 2) {
                        meetings.add(new Meeting(one.seam, other.seam, one.pressed == other.pressed));
                    }
                }
            }
        }
        return meetings;
    }
}
