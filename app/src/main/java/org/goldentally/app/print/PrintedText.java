package org.goldentally.app.print;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** Text as a font can print it: fractions as one sign where there is one, signs that the font lacks as a box. */
final class PrintedText {

    private static final Map<String, String> FRACTIONS = new LinkedHashMap<>();
    private static final Pattern FRACTION = Pattern.compile("(?<![\\d/])(?:(\\d+) )?([1357]/[248])(?![\\d/])");

    static {
        String[] signs = {"1/4 ¼", "1/2 ½", "3/4 ¾", "1/8 ⅛", "3/8 ⅜", "5/8 ⅝", "7/8 ⅞"};
        for (String sign : signs) {
            FRACTIONS.put(sign.substring(0, 3), sign.substring(4));
        }
    }

    private final PDFont font;

    PrintedText(PDFont font) {
        this.font = font;
    }

    PDFont font() {
        return font;
    }

    /** {@code 4 7/8} as {@code 4⅞}; what the font cannot print as {@code ▯}, or left out where it lacks that too. */
    String printable(String text) {
        StringBuilder fractions = new StringBuilder();
        Matcher matcher = FRACTION.matcher(text);
        while (matcher.find()) {
            String sign = FRACTIONS.get(matcher.group(2));
            String whole = matcher.group(1) == null ? "" : matcher.group(1);
            matcher.appendReplacement(
                    fractions, Matcher.quoteReplacement(sign == null ? matcher.group() : whole + sign));
        }
        matcher.appendTail(fractions);
        StringBuilder printable = new StringBuilder();
        fractions.codePoints().forEach(sign -> {
            String one = Character.isISOControl(sign) ? " " : Character.toString(sign);
            printable.append(has(one) ? one : has("▯") ? "▯" : "?");
        });
        return printable.toString();
    }

    private boolean has(String sign) {
        try {
            font.encode(sign);
            return true;
        } catch (IllegalArgumentException lacking) {
            return false;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Width of printable text, in points. */
    float width(String printable, float size) {
        try {
            return font.getStringWidth(printable) / 1000 * size;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Lines no wider than this; a word that is too wide by itself is broken. */
    List<String> lines(String text, float size, float widest) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : printable(text).split(" ")) {
            String rest = word;
            String longer = line.isEmpty() ? rest : line + " " + rest;
            if (width(longer, size) <= widest) {
                line = new StringBuilder(longer);
                continue;
            }
            if (!line.isEmpty()) {
                lines.add(line.toString());
            }
            while (width(rest, size) > widest) {
                int fits = rest.length() - 1;
                while (fits > 1 && width(rest.substring(0, fits), size) > widest) {
                    fits--;
                }
                lines.add(rest.substring(0, fits));
                rest = rest.substring(fits);
            }
            line = new StringBuilder(rest);
        }
        if (!line.isEmpty()) {
            lines.add(line.toString());
        }
        return lines;
    }
}
