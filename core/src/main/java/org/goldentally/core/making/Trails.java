package org.goldentally.core.making;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.work.Work;

/**
 * Chains through all wanted half-square triangle units: cloths are points, units the lines between them, and a chain of
 * squares is a trail that uses each line once.
 *
 * <ol>
 *   <li>A connected part in which 2m points have an odd number of lines needs m open trails, or one ring where there are
 *       none: Euler's theorem (1736).
 *   <li>So odd points are joined two and two by lines that nobody wants, a ring through all lines is walked (Hierholzer
 *       1873), and the ring falls apart at the lines added.
 *   <li>Of a trail longer than a chain may be, rings are taken out where a cloth comes again, at no cost; what is still too
 *       long is cut, each cut at the cost of one square.
 * </ol>
 *
 * <p>An open chain of k units takes k + 1 squares, a ring of k takes k. With chains of any length, and rings closed, no
 * other way takes fewer squares of any cloth: a square holds two triangles.
 */
final class Trails {

    /** Wanted units of two cloths; the same two may come again. */
    record Line(String one, String other, long count) {}

    /**
     * Squares in the order in which they are joined.
     *
     * @param squares the cloth of each
     * @param closed whether the last is joined to the first
     */
    record Trail(List<String> squares, boolean closed) {

        Trail {
            squares = List.copyOf(squares);
        }

        int units() {
            return closed ? squares.size() : squares.size() - 1;
        }
    }

    private static final class Edge {
        final int one;
        final int other;
        final boolean wanted;
        boolean walked;

        Edge(int one, int other, boolean wanted) {
            this.one = one;
            this.other = other;
            this.wanted = wanted;
        }

        int from(int point) {
            return point == one ? other : one;
        }
    }

    private final List<String> cloths = new ArrayList<>();
    private final Map<String, Integer> places = new LinkedHashMap<>();
    private final List<List<Edge>> edges = new ArrayList<>();
    private final boolean rings;
    private final int mostSquares;

    private Trails(boolean rings, int mostSquares) {
        this.rings = rings;
        this.mostSquares = mostSquares;
    }

    /**
     * Trails through all lines.
     *
     * @param rings whether a trail that comes back is closed
     * @param mostSquares in one chain, 2 or more; 3 or more in a ring that is not a mere pair
     */
    static List<Trail> through(List<Line> lines, boolean rings, int mostSquares) {
        Trails trails = new Trails(rings, mostSquares);
        for (Line line : lines) {
            int one = trails.point(line.one);
            int other = trails.point(line.other);
            Work.spend(line.count);
            for (long i = 0; i < line.count; i++) {
                trails.join(one, other, true);
            }
        }
        return trails.walk();
    }

    private int point(String cloth) {
        return places.computeIfAbsent(cloth, any -> {
            cloths.add(cloth);
            edges.add(new ArrayList<>());
            return cloths.size() - 1;
        });
    }

    /** A line from a cloth to itself ends there twice. */
    private void join(int one, int other, boolean wanted) {
        Edge edge = new Edge(one, other, wanted);
        edges.get(one).add(edge);
        edges.get(other).add(edge);
    }

    private List<Trail> walk() {
        for (List<Integer> part : parts()) {
            List<Integer> odd = part.stream()
                    .filter(point -> edges.get(point).size() % 2 == 1)
                    .toList();
            for (int i = 0; i + 1 < odd.size(); i += 2) {
                join(odd.get(i), odd.get(i + 1), false);
            }
        }
        List<Trail> trails = new ArrayList<>();
        for (int point = 0; point < cloths.size(); point++) {
            if (edges.get(point).stream().anyMatch(edge -> !edge.walked)) {
                fallApart(ring(point), trails);
            }
        }
        return trails;
    }

    private List<List<Integer>> parts() {
        List<List<Integer>> parts = new ArrayList<>();
        boolean[] seen = new boolean[cloths.size()];
        for (int start = 0; start < seen.length; start++) {
            if (seen[start]) {
                continue;
            }
            List<Integer> part = new ArrayList<>();
            Deque<Integer> open = new ArrayDeque<>(List.of(start));
            seen[start] = true;
            while (!open.isEmpty()) {
                int point = open.removeFirst();
                part.add(point);
                for (Edge edge : edges.get(point)) {
                    int next = edge.from(point);
                    if (!seen[next]) {
                        seen[next] = true;
                        open.addLast(next);
                    }
                }
            }
            parts.add(part);
        }
        return parts;
    }

    /** A step of the ring: the point come to, and the line by which. */
    private record Step(int point, Edge by) {}

    /** All lines of a connected part in one round, by way of detours put in where lines are left over. */
    private List<Step> ring(int start) {
        int[] next = new int[cloths.size()];
        Deque<Step> stack = new ArrayDeque<>();
        List<Step> round = new ArrayList<>();
        Edge none = new Edge(start, start, false);
        stack.push(new Step(start, none));
        while (!stack.isEmpty()) {
            Step top = stack.peek();
            List<Edge> own = edges.get(top.point);
            while (next[top.point] < own.size() && own.get(next[top.point]).walked) {
                next[top.point]++;
            }
            if (next[top.point] == own.size()) {
                round.add(stack.pop());
            } else {
                Edge edge = own.get(next[top.point]);
                edge.walked = true;
                stack.push(new Step(edge.from(top.point), edge));
            }
        }
        return round;
    }

    /** The round in pieces: it starts behind a line that nobody wants, if there is one, and ends before each of these. */
    private void fallApart(List<Step> round, List<Trail> trails) {
        List<Edge> lines =
                round.subList(0, round.size() - 1).stream().map(Step::by).toList();
        List<Integer> points = round.stream().map(Step::point).toList();
        int count = lines.size();
        int gap = -1;
        for (int i = 0; i < count && gap < 0; i++) {
            gap = lines.get(i).wanted ? -1 : i;
        }
        if (gap < 0) {
            closed(points.subList(0, count), trails);
            return;
        }
        List<Integer> trail = new ArrayList<>(List.of(points.get((gap + 1) % count)));
        for (int i = 1; i <= count; i++) {
            int at = (gap + i) % count;
            if (lines.get(at).wanted) {
                trail.add(points.get((at + 1) % count));
            } else {
                open(trail, trails);
                trail = new ArrayList<>(List.of(points.get((at + 1) % count)));
            }
        }
    }

    private void closed(List<Integer> points, List<Trail> trails) {
        List<Integer> round = new ArrayList<>(points);
        round.add(points.getFirst());
        List<Integer> rest = withoutRings(round, trails);
        if (rings && rest.size() - 1 <= mostSquares) {
            if (rest.size() > 1) {
                trails.add(trail(rest.subList(0, rest.size() - 1), true));
            }
        } else {
            cut(rest, trails);
        }
    }

    private void open(List<Integer> points, List<Trail> trails) {
        cut(withoutRings(points, trails), trails);
    }

    /** Of what is too long, rings are taken out where a cloth comes again, as long as may be: that costs no square. */
    private List<Integer> withoutRings(List<Integer> points, List<Trail> trails) {
        List<Integer> rest = new ArrayList<>();
        int at = 0;
        while (rings && at < points.size() && rest.size() + points.size() - at - 1 > mostSquares) {
            Work.spend(1);
            int length = longestRingFrom(points, at);
            if (length > 0) {
                trails.add(trail(points.subList(at, at + length), true));
                at += length;
            } else {
                rest.add(points.get(at++));
            }
        }
        rest.addAll(points.subList(at, points.size()));
        return rest;
    }

    private int longestRingFrom(List<Integer> points, int at) {
        for (int far = Math.min(mostSquares, points.size() - 1 - at); far > 0; far--) {
            if (points.get(at).equals(points.get(at + far))) {
                return far;
            }
        }
        return 0;
    }

    private void cut(List<Integer> points, List<Trail> trails) {
        for (int from = 0; from < points.size() - 1; from += mostSquares - 1) {
            trails.add(trail(points.subList(from, Math.min(points.size(), from + mostSquares)), false));
        }
    }

    private Trail trail(List<Integer> points, boolean closed) {
        return new Trail(points.stream().map(cloths::get).toList(), closed);
    }
}
