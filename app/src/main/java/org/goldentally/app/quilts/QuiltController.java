package org.goldentally.app.quilts;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.springframework.http.HttpStatus;
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

    record QuiltChange(
            int version,

            @NotBlank(message = "a quilt needs a name") @Size(max = 80, message = "80 characters at most")
            String name,

            @NotNull QuiltDesign design,
            boolean sameStep) {}

    /** Which version the step back or forth is taken from. */
    record StepFrom(int version) {}

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
        return quilts.change(id, change.version(), change.name(), change.design(), change.sameStep());
    }

    @PostMapping("/{id}/undo")
    Quilts.StoredQuilt undo(@PathVariable UUID id, @RequestBody StepFrom from) {
        return quilts.goStep(id, from.version(), -1);
    }

    @PostMapping("/{id}/redo")
    Quilts.StoredQuilt redo(@PathVariable UUID id, @RequestBody StepFrom from) {
        return quilts.goStep(id, from.version(), 1);
    }

    @PostMapping("/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    Quilts.StoredQuilt copy(@PathVariable UUID id) {
        return quilts.copy(id);
    }
}
