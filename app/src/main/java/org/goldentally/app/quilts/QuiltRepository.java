package org.goldentally.app.quilts;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface QuiltRepository extends Repository<Quilt, UUID> {

    List<Quilt> findByOwnerIdOrderByUpdatedAtDesc(UUID ownerId);

    Optional<Quilt> findByIdAndOwnerId(UUID id, UUID ownerId);

    Quilt saveAndFlush(Quilt quilt);
}
