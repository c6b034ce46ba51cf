package org.goldentally.core.cloth;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.cloth.Price.Per;

/**
 * What is known of the prices of a quilt's cloths: for each, the price that counts first.
 *
 * @param cloths by the keys of the cloths
 * @param packs by the names of the packs that prints come from
 */
public record Prices(Map<String, List<Price>> cloths, Map<String, List<Price>> packs) {

    public static final Prices UNKNOWN = new Prices(Map.of(), Map.of());

    public Prices {
        cloths = Map.copyOf(cloths);
        packs = Map.copyOf(packs);
    }

    /** Of a cloth by its length. */
    public Optional<Price> ofLength(String cloth) {
        return cloths.getOrDefault(cloth, List.of()).stream()
                .filter(price -> price.per().isOfLengths())
                .findFirst();
    }

    /** Of a cloth by the piece. */
    public Optional<Price> ofPiece(String cloth, PieceForm form) {
        Per per = form == PieceForm.FAT_QUARTER ? Per.FAT_QUARTER : Per.PIECE;
        return first(cloths.getOrDefault(cloth, List.of()), per);
    }

    /** Price of one pack of that name; empty where it is not known. */
    public Optional<Price> ofPack(String pack) {
        return first(packs.getOrDefault(pack, List.of()), Per.PACK);
    }

    private static Optional<Price> first(List<Price> prices, Per per) {
        return prices.stream().filter(price -> price.per() == per).findFirst();
    }
}
