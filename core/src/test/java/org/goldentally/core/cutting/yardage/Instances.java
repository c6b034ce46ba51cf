package org.goldentally.core.cutting.yardage;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The lists of pieces in {@code cutting-instances.txt}, and those in {@code cutting-unseen.txt}. */
public record Instances(
        String name,
        String size,
        int width,
        int best,
        int lowerBound,
        int bestEighthYards,
        int oneSize,
        Demand demand) {

    /** Strips are cut no higher than 20 in, unless a piece is higher. */
    private static final int TALLEST_STRIP = 160;

    private static final Pattern PIECES = Pattern.compile("(\\d+)x(\\d+)x(\\d+)(r?)");

    public static List<Instances> all() throws IOException {
        return in("/cutting-instances.txt");
    }

    /** Lists that the planner was not tuned with. */
    public static List<Instances> unseen() throws IOException {
        return in("/cutting-unseen.txt");
    }

    private static List<Instances> in(String file) throws IOException {
        List<Instances> all = new ArrayList<>();
        try (InputStream in = Instances.class.getResourceAsStream(file)) {
            for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
                if (!line.startsWith("#")) {
                    all.add(read(line.split("; ")));
                }
            }
        }
        return all;
    }

    private static Instances read(String[] fields) {
        List<Demand.Item> items = new ArrayList<>();
        Matcher pieces = PIECES.matcher(fields[7]);
        while (pieces.find()) {
            items.add(new Demand.Item(
                    Integer.parseInt(pieces.group(1)),
                    Integer.parseInt(pieces.group(2)),
                    Integer.parseInt(pieces.group(3)),
                    !pieces.group(4).isEmpty()));
        }
        int width = Integer.parseInt(fields[2]);
        return new Instances(
                fields[0],
                fields[1],
                width,
                Integer.parseInt(fields[3]),
                Integer.parseInt(fields[4]),
                Integer.parseInt(fields[5]),
                Integer.parseInt(fields[6]),
                new Demand(width, items, TALLEST_STRIP));
    }
}
