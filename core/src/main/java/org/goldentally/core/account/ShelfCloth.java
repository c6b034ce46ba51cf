package org.goldentally.core.account;

import java.util.List;
import org.goldentally.core.cloth.HousePrint;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.ClothInHand.StandsFor;
import org.goldentally.core.measure.Area;

/**
 * A cloth that a top may be dressed in.
 *
 * @param id of the cloth on the shelf; empty for one that is not there yet
 * @param lightness as the quilter overruled it; empty otherwise
 * @param guessed whether nobody has said its colour yet
 * @param print how it is drawn
 * @param pack the pack that it is a print of; empty for none
 */
public record ShelfCloth(
        String id,
        String name,
        String colour,
        String lightness,
        boolean guessed,
        boolean directional,
        HousePrint print,
        String pack,
        List<ShelfPieces> pieces) {

    public ShelfCloth {
        pieces = List.copyOf(pieces);
    }

    /** A cloth that is drawn plain. */
    public ShelfCloth(
            String id,
            String name,
            String colour,
            String lightness,
            boolean guessed,
            boolean directional,
            String pack,
            List<ShelfPieces> pieces) {
        this(id, name, colour, lightness, guessed, directional, HousePrint.PLAIN, pack, pieces);
    }

    /** A cloth that is still to be bought. */
    public static ShelfCloth toBuy(String name, String colour) {
        return new ShelfCloth("", name, colour, "", false, false, "", List.of());
    }

    /** Of all pieces of it on the shelf, as they lie there. */
    public Area area() {
        return areaOf(pieces);
    }

    /** Of its lengths alone. */
    public Area lengths() {
        return areaOf(pieces.stream()
                .filter(each -> each.piece().form() == PieceForm.YARDAGE)
                .toList());
    }

    private static Area areaOf(List<ShelfPieces> pieces) {
        return pieces.stream()
                .map(each -> each.piece().area().times(each.count()))
                .reduce(Area.ZERO, Area::plus);
    }

    /** From 0 to 100. */
    public double value() {
        return inHand("any", false).judgedLightness();
    }

    /** The same as a cloth of a quilt. */
    public ClothInHand inHand(String key, boolean background) {
        return new ClothInHand(
                key,
                name,
                colour,
                lightness,
                background,
                id,
                directional,
                pack,
                StandsFor.ITSELF,
                guessed,
                print,
                List.of());
    }
}
