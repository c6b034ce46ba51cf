package org.goldentally.app.quilts;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.goldentally.app.load.Heavy;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Quilts: list, start, open, change. */
@RestController
@RequestMapping("/api/quilts")
class QuiltController {

    private final Quilts quilts;

    QuiltController(Quilts quilts) {
        this.quilts = quilts;
    }

    record NewQuilt(
            @NotBlank(message = "a quilt needs a name") @Size(max = 80, message = "80 characters at most")
            String name,

            @NotNull MeasureSystem system) {}

    /**
     * A change of a quilt.
     *
     * @param edit null or how its writer calls it: sent twice under one name, it is made once
     */
    record QuiltChange(
            int version,

            @Nullable
            @Schema(description = "null or how its writer calls the change: sent twice under one name, it is made once")
            UUID edit,

            @NotBlank(message = "a quilt needs a name") @Size(max = 80, message = "80 characters at most")
            String name,

            @NotNull QuiltDesign design,
            boolean sameStep) {}

    /** A design that is not kept, to be compared with the one that is. */
    record Other(
            @NotBlank(message = "a quilt needs a name") @Size(max = 80, message = "80 characters at most")
            String name,

            @NotNull QuiltDesign design) {}

    /** Which version the step back or forth is taken from. */
    record StepFrom(
            int version,

            @Nullable
            @Schema(description = "null or how its writer calls it: sent twice under one name, it is taken once")
            UUID edit) {

        Quilts.ChangeOf of() {
            return new Quilts.ChangeOf(version, edit);
        }
    }

    @GetMapping
    List<Quilts.QuiltSummary> list() {
        return quilts.list();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Quilts.StoredQuilt create(@Valid @RequestBody NewQuilt quilt) {
        return quilts.create(quilt.name(), QuiltDesign.first(quilt.system()));
    }

    @GetMapping("/{id}")
    Quilts.StoredQuilt get(@PathVariable UUID id) {
        return quilts.get(id);
    }

    @PutMapping("/{id}")
    Quilts.StoredQuilt change(@PathVariable UUID id, @Valid @RequestBody QuiltChange change) {
        Quilts.ChangeOf of = new Quilts.ChangeOf(change.version(), change.edit());
        return quilts.change(id, of, change.name(), change.design(), change.sameStep());
    }

    /** What keeping this design would change in the one that is kept, in words: for whoever comes second. */
    @Heavy
    @PostMapping("/{id}/differences")
    List<String> differences(@PathVariable UUID id, @Valid @RequestBody Other other) {
        return quilts.differences(id, other.name(), other.design());
    }

    @PostMapping("/{id}/undo")
    Quilts.StoredQuilt undo(@PathVariable UUID id, @RequestBody StepFrom from) {
        return quilts.goStep(id, from.of(), -1);
    }

    @PostMapping("/{id}/redo")
    Quilts.StoredQuilt redo(@PathVariable UUID id, @RequestBody StepFrom from) {
        return quilts.goStep(id, from.of(), 1);
    }

    @GetMapping("/{id}/steps")
    List<Quilts.NamedStep> steps(@PathVariable UUID id) {
        return quilts.steps(id);
    }

    @PostMapping("/{id}/steps/{step}/go-to")
    Quilts.StoredQuilt goTo(@PathVariable UUID id, @PathVariable int step, @RequestBody StepFrom from) {
        return quilts.goTo(id, from.of(), step);
    }

    /** Takes one change out and keeps the later ones, where they do not depend on it. */
    @PostMapping("/{id}/steps/{step}/take-out")
    Quilts.StoredQuilt takeOut(@PathVariable UUID id, @PathVariable int step, @RequestBody StepFrom from) {
        return quilts.takeOut(id, from.of(), step);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        quilts.delete(id);
    }

    /** Quilts that were deleted and can still be brought back. */
    @GetMapping("/deleted")
    List<Quilts.DeletedQuilt> deleted() {
        return quilts.deleted();
    }

    @PostMapping("/{id}/bring-back")
    Quilts.StoredQuilt bringBack(@PathVariable UUID id) {
        return quilts.bringBack(id);
    }

    record NewName(
            @NotBlank(message = "a quilt needs a name") @Size(max = 80, message = "80 characters at most")
            String name) {}

    @PutMapping("/{id}/name")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void rename(@PathVariable UUID id, @Valid @RequestBody NewName name) {
        quilts.rename(id, name.name());
    }

    /** Puts a quilt out of the way; it stays as it is. */
    @PutMapping("/{id}/archived")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archive(@PathVariable UUID id) {
        quilts.archive(id, true);
    }

    @DeleteMapping("/{id}/archived")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bringOutOfTheArchive(@PathVariable UUID id) {
        quilts.archive(id, false);
    }

    /** Another version of a quilt, to try something else with it and to compare the two. */
    @PostMapping("/{id}/version")
    @ResponseStatus(HttpStatus.CREATED)
    Quilts.StoredQuilt version(@PathVariable UUID id) {
        return quilts.version(id);
    }

    @PostMapping("/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    Quilts.StoredQuilt copy(@PathVariable UUID id) {
        return quilts.copy(id);
    }
}
