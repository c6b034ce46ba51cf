package org.goldentally.app.glance;

import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.goldentally.app.cut.CutSheets;
import org.goldentally.app.cut.CutView;
import org.goldentally.app.load.Heavy;
import org.goldentally.app.plan.ShoppingLists;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.sew.SewProgress;
import org.goldentally.app.shelf.ClothsOfDesign;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.app.top.TopPictureView;
import org.goldentally.app.top.TopWords;
import org.goldentally.core.cloth.HousePrint;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.plans.PlanInWords;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.sew.NextWork;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.versions.Comparison;
import org.goldentally.core.versions.Comparison.Row;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a list shows of a quilt, and what two or three of them differ in. */
@Heavy
@RestController
@RequestMapping("/api")
class GlanceController {

    private static final int MOST_COMPARED = 3;

    private final Quilts quilts;
    private final QuiltTally tallies;
    private final ShoppingLists shopping;
    private final CutSheets sheets;
    private final SewProgress progress;
    private final ClothsOfDesign shelf;

    GlanceController(
            Quilts quilts,
            QuiltTally tallies,
            ShoppingLists shopping,
            CutSheets sheets,
            SewProgress progress,
            ClothsOfDesign shelf) {
        this.quilts = quilts;
        this.tallies = tallies;
        this.shopping = shopping;
        this.sheets = sheets;
        this.progress = progress;
        this.shelf = shelf;
    }

    /**
     * A quilt at a glance.
     *
     * @param size finished
     * @param buys each length that is short
     * @param buysOfNoCloth binding and backing that have no cloth yet
     * @param notCounted what needs cloth that no account has
     * @param cut steps ticked off, of so many
     * @param sewn sets made, of so many
     * @param next what the quilter does next
     */
    record GlanceView(
            PictureView picture,
            String size,
            String blocks,
            List<String> buys,
            List<String> buysOfNoCloth,
            List<String> notCounted,
            int cut,
            int cutSteps,
            long sewn,
            long sets,
            NextView next) {}

    /**
     * What comes next.
     *
     * @param station where it is done: {@code top}
     */
    record NextView(String station, String says) {
        static NextView of(NextWork next) {
            return new NextView(next.station().name().toLowerCase(Locale.ROOT), next.says());
        }
    }

    record PictureView(TopPictureView top, List<String> colours, List<HousePrint> prints) {
        static PictureView of(QuiltTop top) {
            return new PictureView(TopPictureView.of(top), TopWords.colours(top), TopWords.prints(top));
        }
    }

    /**
     * What a change would make of a quilt, while it is being tried.
     *
     * @param size finished
     * @param buys each length that would be short; binding and backing that have no cloth yet among them
     */
    record TrialView(TopPictureView picture, String size, String blocks, List<String> buys) {}

    /** Quilts side by side: what differs first, then what is the same. */
    record ComparedView(List<VersionView> versions, List<RowView> differ, List<RowView> same) {}

    record VersionView(UUID id, String name, PictureView picture) {}

    record RowView(String what, List<String> values) {
        static RowView of(Row row) {
            return new RowView(row.what(), row.values());
        }
    }

    @GetMapping("/quilts/{id}/glance")
    GlanceView glance(@PathVariable UUID id) {
        Quilts.StoredQuilt quilt = quilts.get(id);
        TopTally tally = tallies.of(id, quilt.design());
        QuiltTop top = tally.top();
        CutView cut = sheets.of(id, quilt.design());
        ShoppingList list = shopping.list(id, quilt.design());
        List<NextWork.Cutting> cutting = cut.cloths().stream()
                .map(sheet -> new NextWork.Cutting(sheet.name(), sheet.done(), sheet.steps()))
                .toList();
        SewProgress.Progress sewing = progress.of(id, tally, cutting, list.lengthsOfCloths());
        return new GlanceView(
                PictureView.of(top),
                TopWords.size(top),
                top.blocksInWords(),
                list.lengthsOfCloths(),
                list.lengthsOfNoCloth(),
                PlanInWords.notCounted(tally),
                cut.done(),
                cut.steps(),
                sewing.made().made(),
                sewing.made().needed(),
                NextView.of(sewing.next()));
    }

    /** A design that is not kept, with the shelf as it is: what its top would look like, measure, and what it would buy. */
    @PostMapping("/trial")
    TrialView trial(@Valid @RequestBody QuiltDesign design) {
        QuiltDesign named = shelf.named(design);
        QuiltTop top = tallies.top(named);
        ShoppingList list = shopping.list(named);
        List<String> buys = new ArrayList<>(list.lengthsOfCloths());
        buys.addAll(list.lengthsOfNoCloth());
        return new TrialView(TopPictureView.of(top), TopWords.size(top), top.blocksInWords(), buys);
    }

    /** Two or three quilts side by side, each as it is kept. */
    @GetMapping("/compare")
    ComparedView compare(@RequestParam List<UUID> quilt) {
        if (quilt.size() < 2
                || quilt.size() > MOST_COMPARED
                || quilt.stream().distinct().count() < quilt.size()) {
            throw new RefusedException(new Problem(
                    "Compare",
                    quilt.size() + " quilts cannot be set side by side",
                    "choose two or three different ones"));
        }
        List<VersionView> views = new ArrayList<>();
        List<Comparison.Version> versions = new ArrayList<>();
        for (UUID id : quilt) {
            Quilts.StoredQuilt stored = quilts.get(id);
            TopTally tally = tallies.of(id, stored.design());
            ShoppingList list = shopping.list(id, stored.design());
            views.add(new VersionView(id, stored.name(), PictureView.of(tally.top())));
            versions.add(new Comparison.Version(tally, list));
        }
        List<Row> rows = Comparison.of(versions, tallies::account).rows();
        return new ComparedView(
                views,
                rows.stream().filter(Row::differs).map(RowView::of).toList(),
                rows.stream().filter(row -> !row.differs()).map(RowView::of).toList());
    }
}
