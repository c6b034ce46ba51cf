package org.goldentally.app.quilts;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.repository.Repository;

interface QuiltRepository extends Repository<Quilt, UUID> {

    List<Quilt> findByOwnerIdOrderByUpdatedAtDesc(UUID ownerId);

    Optional<Quilt> findByIdAndOwnerId(UUID id, UUID ownerId);

    /** For a change: whoever comes second waits, and then finds a newer version. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<Quilt> findWithLockByIdAndOwnerId(UUID id, UUID ownerId);

    Quilt saveAndFlush(Quilt quilt);
}
