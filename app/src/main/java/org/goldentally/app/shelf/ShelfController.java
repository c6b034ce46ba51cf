package org.goldentally.app.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.util.List;
import java.util.UUID;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.measure.MeasureSystem;
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

/** The shelf: read a line back, add, correct, remove, put back. */
@RestController
@RequestMapping("/api/shelf")
class ShelfController {

    private final Shelf shelf;

    ShelfController(Shelf shelf) {
        this.shelf = shelf;
    }

    record TypedLine(@NotNull String line, @NotNull MeasureSystem system) {}

    record Correction(int version, @NotNull String line) {}

    record Colour(
            @NotNull @Pattern(regexp = "#[0-9a-f]{6}", message = "a colour is six figures such as #f0a91b")
            String colour) {}

    /** A line said back, before it is put on the shelf. */
    record Understood(String understood) {}

    @GetMapping
    List<Shelf.ShelfClothView> list() {
        return shelf.list();
    }

    @PostMapping("/read")
    Understood read(@Valid @RequestBody TypedLine typed) {
        return new Understood(ShelfLineReader.readForShelf("Shelf line", typed.line(), typed.system())
                .orThrow()
                .describe(typed.system()));
    }

    @PostMapping("/lines")
    @ResponseStatus(HttpStatus.CREATED)
    Shelf.ShelfLineView add(@Valid @RequestBody TypedLine typed) {
        return shelf.add(typed.line(), typed.system());
    }

    @PutMapping("/lines/{id}")
    Shelf.ShelfLineView correct(@PathVariable UUID id, @Valid @RequestBody Correction correction) {
        return shelf.correct(id, correction.version(), correction.line());
    }

    @DeleteMapping("/lines/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        shelf.remove(id);
    }

    @PostMapping("/lines/{id}/put-back")
    Shelf.ShelfLineView putBack(@PathVariable UUID id) {
        return shelf.putBack(id);
    }

    @PutMapping("/cloths/{id}/colour")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void recolour(@PathVariable UUID id, @Valid @RequestBody Colour colour) {
        shelf.recolour(id, colour.colour());
    }
}
