package org.goldentally.app.blocks;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface OwnBlockRepository extends Repository<OwnBlock, UUID> {

    List<OwnBlock> findByOwnerIdAndRemovedAtIsNullOrderByName(UUID ownerId);

    List<OwnBlock> findByOwnerIdAndRemovedAtAfterOrderByRemovedAtDesc(UUID ownerId, Instant since);

    Optional<OwnBlock> findByIdAndOwnerId(UUID id, UUID ownerId);

    Optional<OwnBlock> findByOwnerIdAndNameIgnoreCaseAndRemovedAtIsNull(UUID ownerId, String name);

    OwnBlock saveAndFlush(OwnBlock block);
}
