package org.goldentally.app.quilts;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.problems.StaleVersionException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The quilts of the current owner: kept as documents, changed only on top of the newest version. */
@Service
@Transactional
public class Quilts {

    private final QuiltRepository quilts;
    private final CurrentOwner owner;
    private final JsonMapper json;

    Quilts(QuiltRepository quilts, CurrentOwner owner, JsonMapper json) {
        this.quilts = quilts;
        this.owner = owner;
        this.json = json;
    }

    /** A quilt as it is kept. */
    public record StoredQuilt(UUID id, String name, int version, QuiltDesign design) {}

    /** A quilt in the list. */
    public record QuiltSummary(UUID id, String name, Instant changedAt) {}

    @Transactional(readOnly = true)
    public List<QuiltSummary> list() {
        return quilts.findByOwnerIdOrderByUpdatedAtDesc(owner.id()).stream()
                .map(quilt -> new QuiltSummary(quilt.id(), quilt.name(), quilt.updatedAt()))
                .toList();
    }

    @Transactional(readOnly = true)
    public StoredQuilt get(UUID id) {
        return stored(find(id));
    }

    /** Keeps a new quilt; a design that cannot be worked out is refused with its problems. */
    public StoredQuilt create(String name, QuiltDesign design) {
        design.top();
        return stored(quilts.saveAndFlush(new Quilt(owner.id(), name.strip(), json.writeValueAsString(design))));
    }

    public StoredQuilt change(UUID id, int version, String name, QuiltDesign design) {
        design.top();
        Quilt quilt = find(id);
        StaleVersionException.check(version, quilt.version());
        quilt.change(name.strip(), json.writeValueAsString(design));
        return stored(quilts.saveAndFlush(quilt));
    }

    private Quilt find(UUID id) {
        return quilts.findByIdAndOwnerId(id, owner.id()).orElseThrow(() -> new NotFoundException("Quilt"));
    }

    private StoredQuilt stored(Quilt quilt) {
        return new StoredQuilt(
                quilt.id(), quilt.name(), quilt.version(), json.readValue(quilt.design(), QuiltDesign.class));
    }
}
