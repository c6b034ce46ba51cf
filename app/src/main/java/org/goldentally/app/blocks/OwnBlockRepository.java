package org.goldentally.app.blocks;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface OwnBlockRepository extends Repository<OwnBlock, UUID> {

    List<OwnBlock> findByOwnerIdOrderByName(UUID ownerId);

    Optional<OwnBlock> findByIdAndOwnerId(UUID id, UUID ownerId);

    Optional<OwnBlock> findByOwnerIdAndNameIgnoreCase(UUID ownerId, String name);

    OwnBlock saveAndFlush(OwnBlock block);

    void delete(OwnBlock block);
}
