package org.goldentally.app.print;

import java.util.UUID;
import org.goldentally.app.cut.CutSheets;
import org.goldentally.app.cut.CutView;
import org.goldentally.app.plan.ShoppingLists;
import org.goldentally.app.quilts.Quilts;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A quilt on paper. */
@RestController
@RequestMapping("/api/quilts/{id}")
class PrintController {

    private final Quilts quilts;
    private final CutSheets cutSheets;
    private final ShoppingLists shoppingLists;

    PrintController(Quilts quilts, CutSheets cutSheets, ShoppingLists shoppingLists) {
        this.quilts = quilts;
        this.cutSheets = cutSheets;
        this.shoppingLists = shoppingLists;
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
