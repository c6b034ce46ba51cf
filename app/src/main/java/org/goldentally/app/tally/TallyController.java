package org.goldentally.app.tally;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.goldentally.app.load.Heavy;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.shelf.ClothsOfDesign;
import org.goldentally.app.shelf.PriceList;
import org.goldentally.app.shelf.SetAside;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.tally.TopTally;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The tally of a stored quilt with the shelf, and of a quilt document and a shelf that are only sent along. */
@Heavy
@RestController
@RequestMapping("/api")
class TallyController {

    private final Quilts quilts;
    private final QuiltTally onShelf;
    private final BoughtAlready bought;
    private final ClothsOfDesign shelf;
    private final PriceList prices;
    private final SetAside setAside;

    TallyController(
            Quilts quilts,
            QuiltTally onShelf,
            BoughtAlready bought,
            ClothsOfDesign shelf,
            PriceList prices,
            SetAside setAside) {
        this.setAside = setAside;
        this.quilts = quilts;
        this.onShelf = onShelf;
        this.bought = bought;
        this.shelf = shelf;
        this.prices = prices;
    }

    @GetMapping("/quilts/{id}/tally")
    TallyView tally(@PathVariable UUID id) {
        QuiltDesign design = quilts.design(id);
        Map<String, List<ShelfPieces>> pieces = onShelf.onHand(id, design);
        TopTally tally = bought.in(id, onShelf.of(design, pieces));
        setAside.follow(id, tally);
        return TallyView.of(
                        tally,
                        pieces,
                        QuiltPrices.of(design, shelf.factsFor(design), prices.entries()),
                        onShelf::account)
                .withCutBefore(bought.cutBefore(id, tally).size());
    }
}
