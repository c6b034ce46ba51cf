package org.goldentally.app.files;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.UUID;
import org.goldentally.app.load.Heavy;
import org.goldentally.app.load.LargestBody;
import org.goldentally.app.quilts.Quilts;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Quilt files, and the schema that describes them. */
@RestController
@RequestMapping("/api")
class QuiltFileController {

    private final QuiltFiles files;
    private final QuiltFileReader reader;
    private final EverythingFiles everything;
    private final Imports imports;

    /** Whoever sends a file waits so long, and is told how far it is after that. */
    private static final long PATIENCE_MILLIS = 1_500;

    QuiltFileController(QuiltFiles files, QuiltFileReader reader, EverythingFiles everything, Imports imports) {
        this.imports = imports;
        this.everything = everything;
        this.files = files;
        this.reader = reader;
    }

    @GetMapping("/quilts/{id}/file")
    ResponseEntity<QuiltFile> file(@PathVariable UUID id) {
        QuiltFile file = files.file(id);
        String name = file.name().replaceAll("[^\\p{L}\\p{N} _-]", "") + ".quilt.json";
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(file);
    }

    /** Brings a quilt file in; the body is the file as it is. */
    @Heavy
    @LargestBody(QuiltFileReader.LARGEST)
    @PostMapping("/quilt-file")
    @ResponseStatus(HttpStatus.CREATED)
    Quilts.StoredQuilt bringIn(HttpServletRequest request) throws IOException {
        return files.bringIn(reader.read(request.getInputStream()));
    }

    /** All that is kept, as one file. */
    @Heavy
    @GetMapping("/everything")
    ResponseEntity<Everything> everything() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=everything.golden-tally.json")
                .body(everything.file());
    }

    /**
     * Brings in what such a file has and is not here yet, portion by portion; the body is the file as it is. Of a large file
     * it answers how far it is, and goes on.
     */
    @Heavy
    @LargestBody(QuiltFileReader.LARGEST_OF_EVERYTHING)
    @PostMapping("/everything")
    EverythingImport.Progress bringInEverything(HttpServletRequest request) throws IOException, InterruptedException {
        Everything file = reader.readEverything(request.getInputStream().readAllBytes());
        return imports.start(file).within(PATIENCE_MILLIS);
    }

    /** How far a file is that comes in. */
    @GetMapping("/everything/coming/{id}")
    EverythingImport.Progress coming(@PathVariable UUID id) throws InterruptedException {
        return imports.get(id).within(0);
    }

    /** The rest of a file stays out; what came in stays. */
    @PostMapping("/everything/coming/{id}/stop")
    EverythingImport.Progress stop(@PathVariable UUID id) throws InterruptedException {
        EverythingImport file = imports.get(id);
        file.stop();
        return file.within(PATIENCE_MILLIS);
    }

    /** The JSON Schema of quilt files. */
    @GetMapping(path = "/quilt-file/schema", produces = "application/schema+json")
    String schema() throws IOException {
        try (InputStream schema = QuiltFileController.class.getResourceAsStream("/quilt-file/schema-1.json")) {
            return new String(Objects.requireNonNull(schema).readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
