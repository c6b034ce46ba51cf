package org.goldentally.app.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.goldentally.app.load.Heavy;
import org.goldentally.app.once.BriefReads;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.shelf.CsvTable;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.account.CuttingRequest;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.account.StyleChoices;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.deal.GrownTop;
import org.goldentally.core.deal.ScrappyDeal;
import org.goldentally.core.deal.Stock;
import org.goldentally.core.deal.Wish;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.offers.Offer;
import org.goldentally.core.offers.Offers;
import org.goldentally.core.offers.ShelfReach;
import org.goldentally.core.offers.WayEffects;
import org.goldentally.core.problem.LeftOut;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What could be done otherwise with a quilt's plan: ways, styles of cutting, offers, a deal, how far the shelf reaches. */
@RestController
@RequestMapping("/api")
class PlanController {

    /** Other ways of the groups, and other fabrics: as much work as two plans. */
    private static final int OFFERS = 2;

    private final Quilts quilts;
    private final QuiltTally onShelf;
    private final ShoppingLists shoppingLists;
    private final PlanSearches searches;
    private final BriefReads reads;

    /** A quilt, and what the shelf has for it. */
    private record QuiltAtHand(Quilts.StoredQuilt quilt, Map<String, List<ShelfPieces>> pieces) {}

    PlanController(
            Quilts quilts, QuiltTally onShelf, ShoppingLists shoppingLists, PlanSearches searches, BriefReads reads) {
        this.reads = reads;
        this.quilts = quilts;
        this.onShelf = onShelf;
        this.shoppingLists = shoppingLists;
        this.searches = searches;
    }

    /** What each way of a group would change, all else staying as it is. */
    @Heavy
    @GetMapping("/quilts/{id}/ways")
    List<WayEffects.WayEffect> ways(@PathVariable UUID id, @RequestParam String group) {
        QuiltDesign design = quilts.design(id);
        Map<String, List<ShelfPieces>> pieces = onShelf.onHand(id, design);
        return WayEffects.of(onShelf.of(design, pieces), group, pieces, onShelf::account);
    }

    /** A cloth cut in each style. */
    @Heavy
    @GetMapping("/quilts/{id}/cloths/{cloth}/styles")
    StylesView styles(@PathVariable UUID id, @PathVariable String cloth) {
        QuiltDesign design = quilts.design(id);
        CuttingRequest request = request(design, onShelf.onHand(id, design), cloth);
        return StylesView.of(
                cloth,
                StyleChoices.of(request, onShelf::account),
                request.choice().style());
    }

    private CuttingRequest request(QuiltDesign design, Map<String, List<ShelfPieces>> pieces, String cloth) {
        return onShelf.of(design, pieces).request(cloth, pieces).orElseThrow(() -> new NotFoundException("Cloth"));
    }

    record SearchFor(@NotNull CuttingStyle style) {}

    /**
     * A search as it stands.
     *
     * @param effort the effort that is being made now, in multiples of the usual
     * @param mostEffort the last one that will be made
     * @param best the best plan so far; its effort finds it again
     */
    record SearchView(
            UUID id,
            boolean done,
            int effort,
            int mostEffort,

            @Schema(description = "null as long as no plan is done")
            StylesView.@Nullable StyleView best) {}

    /** Starts a longer search for a plan for one cloth. */
    @Heavy
    @PostMapping("/quilts/{id}/cloths/{cloth}/searches")
    SearchView search(@PathVariable UUID id, @PathVariable String cloth, @Valid @RequestBody SearchFor wanted) {
        QuiltAtHand now = atHand(id);
        CuttingRequest request = request(now.quilt.design(), now.pieces, cloth);
        return view(searches.start(request.with(new CuttingChoice(cloth, wanted.style(), PlanDesign.USUAL_EFFORT))));
    }

    @GetMapping("/searches/{search}")
    SearchView search(@PathVariable UUID search) {
        return view(searches.get(search));
    }

    /** Stops a search; the best plan so far is kept. */
    @PostMapping("/searches/{search}/stop")
    SearchView stop(@PathVariable UUID search) {
        return view(searches.stop(search));
    }

    private static SearchView view(PlanSearches.PlanSearch search) {
        MeasureSystem system = search.request().system();
        return new SearchView(
                search.id(),
                search.done(),
                search.effort(),
                PlanDesign.MOST_EFFORT,
                search.best()
                        .map(ledger -> StylesView.view(search.request().choice().style(), ledger, false, system))
                        .orElse(null));
    }

    /** An offer as shown. */
    record OfferView(Offer.Kind kind, String key, String what, String effect) {
        static OfferView of(Offer offer) {
            return new OfferView(offer.kind(), offer.key(), offer.what(), offer.effect());
        }
    }

    @Heavy(questions = OFFERS)
    @GetMapping("/quilts/{id}/offers")
    List<OfferView> offers(@PathVariable UUID id) {
        QuiltDesign design = quilts.design(id);
        return offers(design, onShelf.onHand(id, design)).stream()
                .map(OfferView::of)
                .toList();
    }

    private QuiltAtHand atHand(UUID id) {
        return reads.read(() -> {
            Quilts.StoredQuilt quilt = quilts.get(id);
            return new QuiltAtHand(quilt, onShelf.onHand(id, quilt.design()));
        });
    }

    private List<Offer> offers(QuiltDesign design, Map<String, List<ShelfPieces>> pieces) {
        return Offers.of(onShelf.of(design, pieces), pieces, onShelf::account);
    }

    record TakenOffer(int version, @NotNull String key) {}

    /** Takes an offer, as a step that can be undone. */
    @Heavy(questions = OFFERS)
    @PostMapping("/quilts/{id}/offers/take")
    Quilts.StoredQuilt take(@PathVariable UUID id, @Valid @RequestBody TakenOffer taken) {
        QuiltAtHand now = atHand(id);
        Offer offer = offers(now.quilt.design(), now.pieces).stream()
                .filter(each -> each.key().equals(taken.key()))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("Offer"));
        return quilts.change(id, taken.version(), now.quilt.name(), offer.design(), false);
    }

    /**
     * What is to be made and laid out for the free places.
     *
     * @param seed the same number makes and lays out the same
     * @param what of it is done anew
     * @param freeTurns whether blocks may be turned and mirrored
     * @param spareBlocks made beyond the top
     * @param only the places that are laid out anew; all where none is named
     */
    record DealWanted(
            int version,
            int seed,
            @LeftOut("\"MAKE\"") @NotNull Wish.What what,
            @LeftOut("false") boolean freeTurns,
            @LeftOut("0") @Min(0) @Max(200) int spareBlocks,
            @LeftOut("[]") @NotNull @Size(max = 10_000) List<Wish.Spot> only) {

        Wish wish() {
            return new Wish(seed, what, freeTurns, spareBlocks, Set.copyOf(only));
        }
    }

    /**
     * What was made and laid out.
     *
     * @param mostUsed in how many places the most used print lies
     * @param combinations different combinations of prints
     * @param leftOut prints that no place got, each with the reason
     * @param beyondStock prints that are short, as their accounts say
     * @param printsForAll how many more prints would let all blocks differ, where that was wished and cannot be
     */
    record Dealt(
            Quilts.StoredQuilt quilt,
            int closePairs,
            int neighbours,
            int mostUsed,
            int leastUsed,
            int combinations,
            List<ScrappyDeal.LeftOut> leftOut,
            List<String> beyondStock,
            int printsForAll) {}

    /** Makes blocks of the prints of packs for the free places and lays them out, as a step that can be undone. */
    @Heavy
    @PostMapping("/quilts/{id}/deal")
    Dealt deal(@PathVariable UUID id, @Valid @RequestBody DealWanted wanted) {
        QuiltAtHand now = atHand(id);
        QuiltDesign design = now.quilt.design();
        Stock stock = Stock.of(design, now.pieces, wanted.freeTurns());
        ScrappyDeal deal = ScrappyDeal.deal(design, stock, wanted.wish());
        List<String> beyondStock = shortPrints(deal.in(design), now.pieces);
        Quilts.StoredQuilt changed = quilts.change(id, wanted.version(), now.quilt.name(), deal.in(design), false);
        return new Dealt(
                changed,
                deal.closePairs(),
                deal.neighbours(),
                deal.mostUsed(),
                deal.leastUsed(),
                deal.combinations(),
                deal.leftOut(),
                beyondStock,
                deal.printsForAll());
    }

    /**
     * A top that grew.
     *
     * @param design as it is now
     * @param across blocks there were across before
     * @param down blocks there were down before
     */
    record GrownWanted(
            @NotNull QuiltDesign design,
            @Min(1) int across,
            @Min(1) int down) {}

    /** @param places all of them, the new ones dressed as the others were dealt */
    record GrownView(List<PlaceDesign> places) {}

    /** Dresses the blocks that came to a top as those beside them, from what is left of the prints. */
    @Heavy
    @PostMapping("/top/grown")
    GrownView grown(@Valid @RequestBody GrownWanted wanted) {
        QuiltDesign design = wanted.design();
        SettingDesign before = design.setting().resized(wanted.across(), wanted.down());
        return new GrownView(GrownTop.places(design, before, onShelf.free(design)));
    }

    /** Prints of packs of which the account says that the shelf has too little. */
    private List<String> shortPrints(QuiltDesign design, Map<String, List<ShelfPieces>> pieces) {
        return onShelf.of(design, pieces).ledgers().stream()
                .filter(ledger -> !ledger.isEnough())
                .flatMap(ledger -> design.cloth(ledger.cloth()).stream())
                .filter(cloth -> !cloth.pack().isEmpty())
                .map(ClothInHand::name)
                .toList();
    }

    /** How far the shelf goes with one block of the quilt. */
    @Heavy
    @GetMapping("/quilts/{id}/reach")
    ReachView reach(@PathVariable UUID id, @RequestParam String block) {
        QuiltDesign design = quilts.design(id);
        if (design.block(block).isEmpty()) {
            throw new NotFoundException("Block");
        }
        return ReachView.of(ShelfReach.of(design, block, onShelf.onHand(id, design)), design);
    }

    @Heavy
    @GetMapping("/quilts/{id}/shopping")
    ShoppingView shopping(@PathVariable UUID id) {
        return shoppingLists.of(id, quilts.design(id));
    }

    @Heavy
    @GetMapping(path = "/quilts/{id}/shopping.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> shoppingFile(@PathVariable UUID id) {
        String table =
                CsvTable.write(ShoppingView.COLUMNS, ShoppingView.table(shoppingLists.list(id, quilts.design(id))));
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=shopping.csv")
                .body(table);
    }
}
