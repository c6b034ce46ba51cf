package org.goldentally.app.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.goldentally.app.load.Heavy;
import org.goldentally.app.load.LargestBody;
import org.goldentally.app.text.Lines;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.measure.MeasureSystem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The shelf: read a line back, add, correct, remove, put back. */
@RestController
@RequestMapping("/api/shelf")
class ShelfController {

    private static final int LARGEST_PHOTO = 15_000_000;
    private static final int LARGEST_FILE = 8_000_000;

    private final Shelf shelf;
    private final ShelfLots lots;
    private final PriceList prices;
    private final ShelfActs acts;

    ShelfController(Shelf shelf, ShelfLots lots, PriceList prices, ShelfActs acts) {
        this.acts = acts;
        this.shelf = shelf;
        this.lots = lots;
        this.prices = prices;
    }

    record TypedLine(@NotNull String line, @NotNull MeasureSystem system) {}

    record Correction(int version, @NotNull String line) {}

    /**
     * The price list.
     *
     * @param version told along with a change, so that whoever comes second is told
     */
    record Prices(int version, List<PriceList.PriceEntry> entries) {}

    /** A file's text. */
    record TypedFile(
            @Lines @NotNull @Size(max = 4_000_000) String text,
            @NotNull MeasureSystem system) {}

    /**
     * How many lines a file put on the shelf.
     *
     * @param alreadyThere lines of the file that the shelf had already
     */
    record FileRead(int put, int alreadyThere, int inFile) {}

    /**
     * A line said back, before it is put on the shelf.
     *
     * @param lots each lot that it speaks of; empty where it can be meant in several ways
     * @param choices these ways, each with what to type for it
     */
    record Understood(List<String> lots, List<Choice> choices) {}

    /** A way in which a line can be meant. */
    record Choice(String typed, String understood) {}

    @GetMapping
    List<Shelf.ShelfClothView> list() {
        return shelf.list();
    }

    @PostMapping("/read")
    Understood read(@Valid @RequestBody TypedLine typed) {
        MeasureSystem system = typed.system();
        List<Choice> choices = ShelfLineReader.choices(typed.line(), system).stream()
                .map(line -> new Choice(line.asTyped(system), line.describe(system)))
                .toList();
        return choices.isEmpty()
                ? new Understood(
                        ShelfLineReader.readLots("Shelf line", typed.line(), system).orThrow().stream()
                                .map(lot -> lot.describe(system))
                                .toList(),
                        List.of())
                : new Understood(List.of(), choices);
    }

    @PostMapping("/lines")
    @ResponseStatus(HttpStatus.CREATED)
    Shelf.Added add(@Valid @RequestBody TypedLine typed) {
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

    @PutMapping("/cloths/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable Integer version,
            @Valid @RequestBody ClothFacts facts) {
        shelf.change(id, version, facts);
    }

    /** A photograph, JPEG or PNG, from which the swatch is read. */
    @Heavy
    @LargestBody(LARGEST_PHOTO)
    @PutMapping(path = "/cloths/{id}/photo", consumes = "image/*")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void photograph(@PathVariable UUID id, @RequestBody byte[] image) {
        // Read before anything of the database is held.
        shelf.photograph(id, ClothPhotos.read(image));
    }

    @GetMapping(path = "/cloths/{id}/photo", produces = MediaType.IMAGE_PNG_VALUE)
    byte[] photo(@PathVariable UUID id) {
        return shelf.photo(id);
    }

    @DeleteMapping("/cloths/{id}/photo")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removePhoto(@PathVariable UUID id) {
        shelf.removePhoto(id);
    }

    @GetMapping(path = "/csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> file() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=shelf.csv")
                .body(ShelfFile.write(lots.all()));
    }

    /**
     * Adds the lines of a file to the shelf; one with a mistake adds none.
     *
     * @param doubles what to do with lines that the shelf has already; where that is to be asked and there are any, no
     *     line is added
     */
    @Heavy
    @LargestBody(LARGEST_FILE)
    @PostMapping("/csv")
    FileRead addFile(
            @Valid @RequestBody TypedFile file, @RequestParam(defaultValue = "ASK") ShelfLots.Doubles doubles) {
        List<ShelfLots.ReadLot> read = ShelfFile.read(file.text(), file.system());
        int there = read.size() - lots.newAmong(read).size();
        return new FileRead(lots.addAll(read, doubles), there, read.size());
    }

    /** What was done to the shelf, newest first. */
    @GetMapping("/acts")
    ShelfActs.Acts acts() {
        return acts.list();
    }

    @PostMapping("/undo")
    ShelfActs.Acts undo() {
        return acts.undo();
    }

    @PostMapping("/redo")
    ShelfActs.Acts redo() {
        return acts.redo();
    }

    /** Takes back everything that came after this act. */
    @PostMapping("/acts/{act}/go-back-to")
    ShelfActs.Acts goBackTo(@PathVariable long act) {
        return acts.goBackTo(act);
    }

    /** Takes one act back and keeps the later ones, where they do not depend on it. */
    @PostMapping("/acts/{act}/take-out")
    ShelfActs.Acts takeOut(@PathVariable long act) {
        return acts.takeOut(act);
    }

    @GetMapping("/prices")
    Prices prices() {
        return listed();
    }

    private Prices listed() {
        return new Prices(prices.version(), prices.entries());
    }

    @Heavy
    @LargestBody(LARGEST_FILE)
    @PutMapping("/prices")
    Prices replacePrices(
            @Valid @RequestBody TypedFile file, @RequestParam(required = false) @Nullable Integer version) {
        prices.replace(file.text(), version);
        return listed();
    }

    @PostMapping("/prices/made-up")
    Prices takeMadeUpPrices(@RequestParam(required = false) @Nullable Integer version) {
        prices.takeMadeUp(version);
        return listed();
    }

    @DeleteMapping("/prices")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void clearPrices(@RequestParam(required = false) @Nullable Integer version) {
        prices.clear(version);
    }
}
