package org.goldentally.app.quilts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.UUID;
import org.goldentally.app.quilts.formats.DocumentFormats;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Writes quilt documents, and reads those of every format there ever was: an older one is brought up to date. */
@Component
public class DesignDocuments {

    private static final int MOST_REMEMBERED = 50;

    private final JsonMapper json;

    /**
     * The newest design of each quilt as read, so that the several answers after an edit do not read the same document
     * again. What an edit replaces is let go at once: it would be looked through whenever memory is made free.
     */
    private final Cache<UUID, Read> newest =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    /** A document never changes under one version. */
    private record Read(int version, QuiltDesign design) {}

    DesignDocuments(JsonMapper json) {
        this.json = json;
    }

    String write(QuiltDesign design) {
        return json.writeValueAsString(design);
    }

    /** Remembers a design once it is kept for sure. */
    void remember(UUID quiltId, int version, QuiltDesign design) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            return;
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                newest.put(quiltId, new Read(version, design));
            }
        });
    }

    /** A design that was read or kept before. */
    Optional<QuiltDesign> known(UUID quiltId, int version) {
        return Optional.ofNullable(newest.getIfPresent(quiltId))
                .filter(read -> read.version == version)
                .map(Read::design);
    }

    QuiltDesign read(UUID quiltId, int version, String document) {
        return known(quiltId, version).orElseGet(() -> {
            QuiltDesign design = read(document);
            newest.put(quiltId, new Read(version, design));
            return design;
        });
    }

    QuiltDesign read(String document) {
        return read(upToDate(document));
    }

    QuiltDesign read(ObjectNode document) {
        return json.treeToValue(document, QuiltDesign.class);
    }

    /** A stored document, of whatever format, as it is written today. */
    ObjectNode upToDate(String document) {
        if (json.readTree(document) instanceof ObjectNode design) {
            return upToDate(design);
        }
        throw new RefusedException(
                new Problem("design", "what stands here is no design", "choose a file that Golden Tally wrote"));
    }

    /**
     * A document of any format there ever was, as it is written today.
     *
     * @throws RefusedException if its format is not known
     */
    public ObjectNode upToDate(ObjectNode document) {
        return DocumentFormats.upToDate(document);
    }
}
