package org.goldentally.app.print;

import java.util.Set;
import java.util.UUID;
import org.goldentally.app.cut.CutSheets;
import org.goldentally.app.cut.CutView;
import org.goldentally.app.kits.KitPlans;
import org.goldentally.app.kits.KitsView;
import org.goldentally.app.load.Heavy;
import org.goldentally.app.log.BenchLog;
import org.goldentally.app.plan.ShoppingLists;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.sew.Pressings;
import org.goldentally.app.sew.SewBook;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.tally.TopTally;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A quilt on paper. */
@Heavy
@RestController
@RequestMapping("/api/quilts/{id}")
class PrintController {

    private final Quilts quilts;
    private final CutSheets cutSheets;
    private final ShoppingLists shoppingLists;
    private final QuiltTally tallies;
    private final BenchLog log;
    private final Pressings pressings;
    private final KitPlans kitPlans;

    PrintController(
            Quilts quilts,
            CutSheets cutSheets,
            ShoppingLists shoppingLists,
            QuiltTally tallies,
            BenchLog log,
            Pressings pressings,
            KitPlans kitPlans) {
        this.kitPlans = kitPlans;
        this.quilts = quilts;
        this.cutSheets = cutSheets;
        this.shoppingLists = shoppingLists;
        this.tallies = tallies;
        this.log = log;
        this.pressings = pressings;
    }

    /** The cutting sheets. */
    @GetMapping(path = "/cut.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> cuttingSheets(@PathVariable UUID id) {
        Quilts.StoredQuilt quilt = quilts.get(id);
        CutView cut = cutSheets.of(id, quilt.design());
        try (PrintedPages pages = new PrintedPages(quilt.name(), quilt.design().system())) {
            CuttingSheets.print(pages, cut);
            return pdf("cutting sheets", pages.finish());
        }
    }

    @GetMapping(path = "/shopping.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> shoppingList(@PathVariable UUID id) {
        Quilts.StoredQuilt quilt = quilts.get(id);
        try (PrintedPages pages = new PrintedPages(quilt.name(), quilt.design().system())) {
            ShoppingSheet.print(pages, shoppingLists.of(quilt.design()));
            return pdf("shopping list", pages.finish());
        }
    }

    /** Kits: what to buy for all, the cutting sheets for the table, a label with its list for each. */
    @GetMapping(path = "/kits.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> kitSheets(@PathVariable UUID id) {
        Quilts.StoredQuilt quilt = quilts.get(id);
        try (PrintedPages pages = new PrintedPages(quilt.name(), quilt.design().system())) {
            KitsView view = kitPlans.view(quilt.design());
            KitSheets.print(pages, view);
            CuttingSheets.print(pages, CutView.of(kitPlans.of(quilt.design()).together(), Set.of()));
            pages.newPage();
            KitSheets.labels(pages, quilt.name(), view);
            return pdf("kits", pages.finish());
        }
    }

    /** Everything on paper. */
    @GetMapping(path = "/booklet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> booklet(@PathVariable UUID id) {
        Quilts.StoredQuilt quilt = quilts.get(id);
        TopTally tally = tallies.of(quilt.design());
        try (PrintedPages pages = new PrintedPages(quilt.name(), quilt.design().system())) {
            new Booklet(pages, tally.top())
                    .print(
                            quilt.name(),
                            shoppingLists.of(quilt.design()),
                            cutSheets.of(id, quilt.design()),
                            SewBook.of(tally, log.of(id), pressings));
            return pdf("booklet", pages.finish());
        }
    }

    private static ResponseEntity<byte[]> pdf(String name, byte[] bytes) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(name + ".pdf")
                                .build()
                                .toString())
                .body(bytes);
    }
}
