package org.goldentally.app.shelf;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ClothRepository extends Repository<Cloth, UUID> {

    Optional<Cloth> findByOwnerIdAndNameIgnoreCase(UUID ownerId, String name);

    Optional<Cloth> findByIdAndOwnerId(UUID id, UUID ownerId);

    List<Cloth> findByOwnerId(UUID ownerId);

    Cloth saveAndFlush(Cloth cloth);
}
