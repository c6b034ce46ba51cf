package org.goldentally.core.quilt;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What tells one part of a top from all others. {@link #text} is how it is sent and drawn, and {@link #read} reads that
 * again; nothing else looks into the text. Rows, columns and strips count from 0, the rest from 1.
 */
public sealed interface PartId {

    /** A block, half a block, or what stands in its place. */
    record BlockAt(int row, int column) implements PartId {}

    /** A triangle along a side of a top on point. */
    record SideTriangle(Side side, int number) implements PartId {}

    /** A triangle in a corner of a top on point, clockwise from the upper left one. */
    record CornerTriangle(int number) implements PartId {}

    /** A standing strip between two blocks of a row. */
    record StandingSash(int row, int column) implements PartId {}

    /** A strip that lies along a whole row. */
    record LyingSash(int row) implements PartId {}

    /** A strip that lies along one block. */
    record LyingSashAt(int row, int column) implements PartId {}

    /** A strip on one side of a block on point. */
    record SlantingSash(int row, int column, Slant slant) implements PartId {}

    /** Where two sashing strips cross, from 0. */
    record Cornerstone(int row, int column) implements PartId {}

    /** A cornerstone of a top on point, in the order in which they are laid. */
    record CornerstoneOnPoint(int number) implements PartId {}

    /** A side of a border; both count from 1. */
    record BorderSide(int border, int number) implements PartId {}

    /** A corner of a border, clockwise from the upper left one; both count from 1. */
    record BorderCorner(int border, int number) implements PartId {}

    /** The sides of a top. */
    enum Side {
        TOP,
        BOTTOM,
        LEFT,
        RIGHT
    }

    /** The sides of a block on point. */
    enum Slant {
        UPPER_LEFT,
        UPPER_RIGHT,
        LOWER_LEFT,
        LOWER_RIGHT;

        /** {@code lower left}. */
        String words() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
    }

    /** The border it belongs to, from 1 on; empty for what lies inside all borders. */
    default Optional<Integer> ofBorder() {
        return switch (this) {
            case BorderSide side -> Optional.of(side.border);
            case BorderCorner corner -> Optional.of(corner.border);
            case BlockAt block -> Optional.empty();
            case SideTriangle triangle -> Optional.empty();
            case CornerTriangle triangle -> Optional.empty();
            case StandingSash sash -> Optional.empty();
            case LyingSash sash -> Optional.empty();
            case LyingSashAt sash -> Optional.empty();
            case SlantingSash sash -> Optional.empty();
            case Cornerstone stone -> Optional.empty();
            case CornerstoneOnPoint stone -> Optional.empty();
        };
    }

    /** {@code block-2-3}, {@code border-1-corner-4}. */
    default String text() {
        return switch (this) {
            case BlockAt(int row, int column) -> "block-" + row + "-" + column;
            case SideTriangle(Side side, int number) -> "triangle-" + small(side) + "-" + number;
            case CornerTriangle(int number) -> "triangle-corner-" + number;
            case StandingSash(int row, int column) -> "sash-up-" + row + "-" + column;
            case LyingSash(int row) -> "sash-" + row;
            case LyingSashAt(int row, int column) -> "sash-" + row + "-" + column;
            case SlantingSash(int row, int column, Slant slant) -> "sash-" + row + "-" + column + "-" + small(slant);
            case Cornerstone(int row, int column) -> "stone-" + row + "-" + column;
            case CornerstoneOnPoint(int number) -> "stone-" + number;
            case BorderSide(int border, int number) -> "border-" + border + "-" + number;
            case BorderCorner(int border, int number) -> "border-" + border + "-corner-" + number;
        };
    }

    /** Reads what {@link #text} writes; empty where it is nothing of the kind. */
    static Optional<PartId> read(String text) {
        return Arrays.stream(Written.values())
                .flatMap(written -> written.read(text).stream())
                .findFirst();
    }

    private static String small(Enum<?> name) {
        return name.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** How each kind is written. */
    enum Written {
        BLOCK("block-(\\d+)-(\\d+)", found -> new BlockAt(number(found, 1), number(found, 2))),
        SIDE_TRIANGLE(
                "triangle-(top|bottom|left|right)-(\\d+)",
                found -> new SideTriangle(Side.valueOf(large(found, 1)), number(found, 2))),
        CORNER_TRIANGLE("triangle-corner-(\\d+)", found -> new CornerTriangle(number(found, 1))),
        STANDING_SASH("sash-up-(\\d+)-(\\d+)", found -> new StandingSash(number(found, 1), number(found, 2))),
        LYING_SASH("sash-(\\d+)", found -> new LyingSash(number(found, 1))),
        LYING_SASH_AT("sash-(\\d+)-(\\d+)", found -> new LyingSashAt(number(found, 1), number(found, 2))),
        SLANTING_SASH(
                "sash-(\\d+)-(\\d+)-((?:upper|lower)-(?:left|right))",
                found -> new SlantingSash(number(found, 1), number(found, 2), Slant.valueOf(large(found, 3)))),
        CORNERSTONE("stone-(\\d+)-(\\d+)", found -> new Cornerstone(number(found, 1), number(found, 2))),
        CORNERSTONE_ON_POINT("stone-(\\d+)", found -> new CornerstoneOnPoint(number(found, 1))),
        BORDER_SIDE("border-(\\d+)-(\\d+)", found -> new BorderSide(number(found, 1), number(found, 2))),
        BORDER_CORNER("border-(\\d+)-corner-(\\d+)", found -> new BorderCorner(number(found, 1), number(found, 2)));

        private static final int LONGEST = 40;

        private final Pattern pattern;
        private final Function<MatchResult, PartId> made;

        Written(String pattern, Function<MatchResult, PartId> made) {
            this.pattern = Pattern.compile(pattern.replace("\\d+", "\\d{1,6}"));
            this.made = made;
        }

        private Optional<PartId> read(String text) {
            Matcher matcher = pattern.matcher(text);
            return text.length() <= LONGEST && matcher.matches() ? Optional.of(made.apply(matcher)) : Optional.empty();
        }

        private static int number(MatchResult found, int group) {
            return Integer.parseInt(found.group(group));
        }

        private static String large(MatchResult found, int group) {
            return found.group(group).toUpperCase(Locale.ROOT).replace('-', '_');
        }
    }
}
