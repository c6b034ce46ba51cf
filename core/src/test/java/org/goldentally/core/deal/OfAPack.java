package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PrintSwatches;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.ClothInHand.StandsFor;
import org.goldentally.core.design.MakingDesign.Variety;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.Tops;

/** A pack and tops of free places for its prints. */
final class OfAPack {

    static final String PACK = "dusk";

    private OfAPack() {}

    /** One square of each print. */
    static Map<String, List<ShelfPieces>> squares(int prints, Length side) {
        Map<String, List<ShelfPieces>> shelf = new LinkedHashMap<>();
        for (int i = 0; i < prints; i++) {
            shelf.put("p" + i, List.of(new ShelfPieces("s" + i, 1, ClothPiece.square(side))));
        }
        return shelf;
    }

    /** Pinwheels of a light and a dark of the pack. */
    static QuiltDesign pinwheels(int across, int down, String size, int prints, Variety variety, String method) {
        List<ClothInHand> cloths = new ArrayList<>();
        cloths.add(new ClothInHand("a", "a light", "#eeeeee", "", false, "", false, PACK, StandsFor.LIGHT_PRINT));
        cloths.add(new ClothInHand("b", "a dark", "#222222", "", false, "", false, PACK, StandsFor.DARK_PRINT));
        cloths.addAll(prints(prints));
        Tops tops = Tops.of(across, down, size, "pinwheel").cloths(cloths.toArray(ClothInHand[]::new));
        QuiltDesign design = (method.isEmpty() ? tops : tops.choose("half-square", method))
                .top()
                .design();
        return design.withPlan(design.plan().withMaking(design.plan().making().with(variety)));
    }

    /** The first half dark, the others light. */
    static List<ClothInHand> prints(int count) {
        List<String> swatches = PrintSwatches.ofPack("noon", count);
        List<ClothInHand> prints = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            prints.add(new ClothInHand(
                    "p" + i,
                    "dusk " + (i + 1),
                    swatches.get(i),
                    "" + (i < count / 2 ? 15 + i : 75 + i % 20),
                    false,
                    "",
                    false,
                    PACK,
                    StandsFor.ITSELF));
        }
        return prints;
    }

    /** A free place for prints of the pack. */
    static ClothInHand free(String key, StandsFor standsFor) {
        return new ClothInHand(key, "free " + key, "#808080", "", false, "", false, PACK, standsFor);
    }

    /** A print so light, of 100. */
    static ClothInHand print(String key, String pack, int lightness) {
        return new ClothInHand(key, key, "#808080", "" + lightness, false, "", false, pack, StandsFor.ITSELF);
    }
}
