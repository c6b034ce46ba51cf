package org.goldentally.app.top;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.goldentally.app.load.Heavy;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.Figure;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.finishing.FabricWidths;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.SizeAdvice;
import org.goldentally.core.tally.TopTally;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * The top of a stored quilt, and the same answers for a quilt document that is only sent along: what the wall shows,
 * anyone can ask for.
 */
@Heavy
@RestController
@RequestMapping("/api")
class TopController {

    /** How far a workable step is sought; nobody types on a wrong size for longer. */
    private static final int STEPS_BACK = 40;

    private static final MediaType SVG = new MediaType("image", "svg+xml");

    private final Quilts quilts;
    private final QuiltTally tallies;

    TopController(Quilts quilts, QuiltTally tallies) {
        this.tallies = tallies;
        this.quilts = quilts;
    }

    /** About which size the quilter thinks of. */
    record WantedSize(
            @NotNull QuiltDesign design,
            @NotNull @Size(max = 40) String width,
            @NotNull @Size(max = 40) String height) {}

    /** A layout near a wanted size; an empty border is none. */
    record LayoutView(
            int across, int down, String border, String finishedWidth, String finishedHeight, boolean exact) {}

    record UsualSizeView(String name, String size) {}

    @GetMapping("/quilts/{id}/top")
    TopView top(@PathVariable UUID id) {
        try {
            QuiltDesign design = quilts.design(id);
            return TopView.of(tallies.top(design), TopTally.widths(design, tallies.onHand(id, design)), List.of());
        } catch (RefusedException refused) {
            return TopView.of(lastThatWorks(id).orElseThrow(() -> refused), FabricWidths.UNKNOWN, refused.problems());
        }
    }

    /** The newest step before this one that can be worked out, so that there is something to put right on the wall. */
    private Optional<QuiltTop> lastThatWorks(UUID id) {
        for (QuiltDesign design : quilts.lastSteps(id, STEPS_BACK)) {
            try {
                return Optional.of(QuiltTop.of(design));
            } catch (RefusedException alsoRefused) {
                // One step further back, then.
            }
        }
        return Optional.empty();
    }

    @PostMapping("/top")
    TopView top(@RequestBody QuiltDesign design) {
        return TopView.of(QuiltTop.of(design));
    }

    @GetMapping(value = "/quilts/{id}/top.svg", produces = "image/svg+xml")
    ResponseEntity<String> svg(@PathVariable UUID id) {
        Quilts.StoredQuilt quilt = quilts.get(id);
        return file(TopSvg.of(tallies.top(quilt.design()), quilt.name()), quilt.name());
    }

    @GetMapping(value = "/quilts/{id}/blocks/{key}.svg", produces = "image/svg+xml")
    ResponseEntity<String> blockSvg(@PathVariable UUID id, @PathVariable String key) {
        QuiltDesign design = quilts.design(id);
        QuiltTop top = QuiltTop.of(design);
        Block block = design.block(key).orElseThrow(() -> new NotFoundException("Block"));
        Figure figure =
                Figure.of(block, top.sizes().blockWidth(), top.sizes().blockHeight(), design::block, design.system());
        return file(TopSvg.of(figure, design, block.name()), block.name());
    }

    @PostMapping("/top/near")
    List<LayoutView> near(@Valid @RequestBody WantedSize wanted) {
        LengthWriter writer = wanted.design().system().writer();
        return SizeAdvice.near(wanted.design(), wanted.width(), wanted.height()).stream()
                .map(advice -> new LayoutView(
                        advice.across(),
                        advice.down(),
                        advice.border().isZero() ? "" : writer.write(advice.border()),
                        writer.write(advice.width()),
                        writer.write(advice.height()),
                        advice.off().isZero()))
                .toList();
    }

    /** Sizes of quilts that people make, to start from. */
    @GetMapping("/top/usual-sizes")
    List<UsualSizeView> usualSizes(@RequestParam MeasureSystem system) {
        return SizeAdvice.USUAL.stream()
                .map(size -> new UsualSizeView(size.name(), size.write(system)))
                .toList();
    }

    private static ResponseEntity<String> file(String svg, String name) {
        String fileName = name.replaceAll("[^\\p{L}\\p{N}]+", "-").toLowerCase(java.util.Locale.ROOT) + ".svg";
        return ResponseEntity.ok()
                .contentType(SVG)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(fileName, java.nio.charset.StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(svg);
    }
}
