package org.goldentally.app.shelf;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ClothRepository extends Repository<Cloth, UUID> {

    /** As the index has it: a name is known whatever its letters' size. */
    @Query("select cloth from Cloth cloth where cloth.ownerId = :ownerId and lower(cloth.name) = lower(:name)")
    Optional<Cloth> findNamed(UUID ownerId, String name);

    Optional<Cloth> findByIdAndOwnerId(UUID id, UUID ownerId);

    List<Cloth> findByOwnerId(UUID ownerId);

    List<Cloth> findByOwnerIdAndIdIn(UUID ownerId, Collection<UUID> ids);

    Cloth saveAndFlush(Cloth cloth);
}
