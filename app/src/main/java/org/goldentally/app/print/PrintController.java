package org.goldentally.app.print;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiConsumer;
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
import org.goldentally.app.tally.BoughtAlready;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.Flaw;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.TopTally;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A quilt on paper. */
@Heavy
@RestController
@RequestMapping("/api/quilts/{id}")
class PrintController {

    private static final int MOST_OPEN = 5;

    private final Quilts quilts;
    private final CutSheets cutSheets;
    private final ShoppingLists shoppingLists;
    private final QuiltTally tallies;
    private final BoughtAlready bought;
    private final BenchLog log;
    private final Pressings pressings;
    private final KitPlans kitPlans;

    PrintController(
            Quilts quilts,
            CutSheets cutSheets,
            ShoppingLists shoppingLists,
            QuiltTally tallies,
            BoughtAlready bought,
            BenchLog log,
            Pressings pressings,
            KitPlans kitPlans) {
        this.kitPlans = kitPlans;
        this.bought = bought;
        this.quilts = quilts;
        this.cutSheets = cutSheets;
        this.shoppingLists = shoppingLists;
        this.tallies = tallies;
        this.log = log;
        this.pressings = pressings;
    }

    /** The cutting sheets. */
    @GetMapping(path = "/cut.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> cuttingSheets(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String paper,
            @RequestParam(defaultValue = "") String ink) {
        return printed(
                "cutting sheets",
                id,
                paper,
                ink,
                (pages, quilt) -> CuttingSheets.print(pages, cutSheets.of(id, quilt.design())));
    }

    @GetMapping(path = "/shopping.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> shoppingList(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String paper,
            @RequestParam(defaultValue = "") String ink) {
        return printed(
                "shopping list",
                id,
                paper,
                ink,
                (pages, quilt) -> ShoppingSheet.print(pages, shoppingLists.of(id, quilt.design())));
    }

    /** Labels for heaps and for what is left, eight to a page. */
    @GetMapping(path = "/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> labels(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String paper,
            @RequestParam(defaultValue = "") String ink) {
        return printed(
                "labels",
                id,
                paper,
                ink,
                (pages, quilt) -> HeapLabels.print(pages, quilt.name(), cutSheets.of(id, quilt.design())));
    }

    /** Templates in true size. */
    @GetMapping(path = "/templates.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> templates(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String paper,
            @RequestParam(defaultValue = "") String ink) {
        return printed("templates", id, paper, ink, (pages, quilt) -> {
            TopTally tally = bought.asBegun(id, tallies.of(id, quilt.design()));
            new Templates(pages, tally.top()).print(SewBook.of(tally, log.of(id), pressings));
        });
    }

    /** Kits: what to buy for all, the cutting sheets for the table, a label with its list for each. */
    @GetMapping(path = "/kits.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> kitSheets(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String paper,
            @RequestParam(defaultValue = "") String ink) {
        return printed("kits", id, paper, ink, (pages, quilt) -> {
            KitsView view = kitPlans.view(id, quilt.design());
            KitSheets.print(pages, view);
            CuttingSheets.print(
                    pages, CutView.of(kitPlans.of(id, quilt.design()).together(), Set.of()));
            pages.newPage();
            KitSheets.labels(pages, quilt.name(), view);
        });
    }

    /** Everything on paper. */
    @GetMapping(path = "/booklet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> booklet(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String paper,
            @RequestParam(defaultValue = "") String ink) {
        return printed("booklet", id, paper, ink, (pages, quilt) -> {
            TopTally tally = bought.asBegun(id, tallies.of(id, quilt.design()));
            new Booklet(pages, tally.top())
                    .print(
                            quilt.name(),
                            shoppingLists.of(id, quilt.design()),
                            cutSheets.of(id, quilt.design()),
                            SewBook.of(tally, log.of(id), pressings));
        });
    }

    /**
     * @param paper {@code letter} or {@code a4}; empty is as the quilt's measures have it
     * @param ink {@code black} for cloths that are named only; empty or {@code colour} for coloured ones
     */
    private ResponseEntity<byte[]> printed(
            String name, UUID id, String paper, String ink, BiConsumer<PrintedPages, Quilts.StoredQuilt> print) {
        Quilts.StoredQuilt quilt = quilts.get(id);
        Paper chosen = Paper.of(paper, ink, quilt.design().system());
        try (PrintedPages pages = new PrintedPages(quilt.name(), chosen)) {
            openProblems(tallies.top(quilt.design())).ifPresent(pages::sayFirst);
            print.accept(pages, quilt);
            return pdf(name, pages.finish());
        }
    }

    /** Each problem of the top that is open, with its way out; whoever has paper in hand does not see the wall. */
    static Optional<String> openProblems(QuiltTop top) {
        List<Problem> open = top.flaws().stream().map(Flaw::problem).distinct().toList();
        if (open.isEmpty()) {
            return Optional.empty();
        }
        List<String> said = new ArrayList<>();
        open.stream()
                .limit(MOST_OPEN)
                .forEach(problem ->
                        said.add(problem.where() + ": " + problem.why() + ". " + upperFirst(problem.fix()) + "."));
        int more = open.size() - MOST_OPEN;
        if (more > 0) {
            said.add("And " + more + " more.");
        }
        return Optional.of(String.join(" ", said) + " Put this right at Top before you cut.");
    }

    private static String upperFirst(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
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
