package org.goldentally.app.shelf;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.cloth.ColourWords;
import org.goldentally.core.cloth.HousePrint;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;
import org.goldentally.core.problem.RefusedException;

/**
 * What is said of a cloth besides its name.
 *
 * @param lightness from 0 to 100 as typed, where the quilter overrules the swatch; empty otherwise
 * @param directional whether its print has an up and a down
 * @param kind such as cotton or linen; empty is not said
 * @param price such as {@code 12.50 a yard}; empty where the price list counts
 * @param guessed whether nobody has said the colour yet: the swatch only tells cloths apart
 * @param print how it is drawn in quilts; its photograph is seen on the shelf only
 */
public record ClothFacts(
        @NotNull @Pattern(regexp = "#[0-9a-f]{6}", message = "a colour is six figures such as #f0a91b")
        String colour,

        @NotNull @Size(max = 10) String lightness,
        boolean directional,
        @NotNull @Size(max = 60) String kind,
        @NotNull @Size(max = 40) String price,
        @LeftOut("false") boolean guessed,
        @NotNull @LeftOut("\"PLAIN\"") HousePrint print) {

    /** What is drawn plain. */
    public ClothFacts(
            String colour, String lightness, boolean directional, String kind, String price, boolean guessed) {
        this(colour, lightness, directional, kind, price, guessed, HousePrint.PLAIN);
    }

    /** What the name of a cloth says of it, until more is said. */
    static ClothFacts ofName(String name) {
        ColourWords.Swatch swatch = ColourWords.swatchFor(name);
        return new ClothFacts(
                swatch.colour(), swatch.lightness(), false, "", "", swatch.guessed(), HousePrint.named(name));
    }

    ClothFacts ofColour(String picked, boolean isGuessed) {
        return new ClothFacts(picked, lightness, directional, kind, price, isGuessed, print);
    }

    /** Drawn with another print. */
    ClothFacts printed(HousePrint drawn) {
        return new ClothFacts(colour, lightness, directional, kind, price, guessed, drawn);
    }

    /** What is said otherwise of a cloth, in words. */
    String changedTo(ClothFacts after) {
        if (!colour().equals(after.colour())) {
            return "colour";
        }
        if (!lightness().equals(after.lightness())) {
            return after.lightness().isBlank() ? "lightness of the swatch" : "lightness " + after.lightness();
        }
        if (directional() != after.directional()) {
            return after.directional() ? "directional print" : "no directional print";
        }
        if (!price().equals(after.price())) {
            return after.price().isBlank() ? "no price" : after.price();
        }
        if (!kind().equals(after.kind())) {
            return after.kind().isBlank() ? "of no kind" : after.kind();
        }
        return print() == after.print()
                ? "colour as it is shown"
                : after.print().displayName();
    }

    /** For facts that came in no checked request: the colour as well. */
    public void checkAll(String where) {
        if (!colour.matches("#[0-9a-f]{6}")) {
            throw new RefusedException(
                    new Problem(where + ".colour", "“" + colour + "” is no colour", "write it like #b5482f"));
        }
        check(where);
    }

    /** @throws RefusedException if the lightness or the price says nothing */
    void check(String where) {
        List<Problem> problems = new ArrayList<>();
        if (!lightness.isBlank() && !lightness.strip().matches("\\d{1,2}([.,]\\d+)?|100")) {
            problems.add(new Problem(
                    where + ", lightness", "“" + lightness + "” is no lightness", "type 0 for black to 100 for white"));
        }
        if (!price.isBlank() && Price.read(where + ", price", price) instanceof Reading.Refused<Price> refused) {
            problems.add(refused.problem());
        }
        if (!problems.isEmpty()) {
            throw new RefusedException(problems);
        }
    }
}
