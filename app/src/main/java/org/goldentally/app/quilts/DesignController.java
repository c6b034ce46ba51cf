package org.goldentally.app.quilts;

import org.goldentally.core.design.QuiltDesign;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Designs by themselves, whatever quilt they are of. */
@RestController
@RequestMapping("/api/designs")
class DesignController {

    private final DesignDocuments documents;

    DesignController(DesignDocuments documents) {
        this.documents = documents;
    }

    /** A design of an earlier format as it is written today: a change that waited in a browser over an upgrade. */
    @PostMapping("/up-to-date")
    QuiltDesign upToDate(@RequestBody JsonNode design) {
        return documents.read(documents.upToDate(design.toString()));
    }
}
