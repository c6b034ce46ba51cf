package org.goldentally.app.quilts;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.repository.Repository;

interface QuiltRepository extends Repository<Quilt, UUID> {

    List<Quilt> findByOwnerIdAndDeletedAtIsNullOrderByUpdatedAtDesc(UUID ownerId);

    List<Quilt> findByOwnerIdAndDeletedAtAfterOrderByDeletedAtDesc(UUID ownerId, Instant since);

    Optional<Quilt> findByIdAndOwnerIdAndDeletedAtIsNull(UUID id, UUID ownerId);

    Optional<Quilt> findByIdAndOwnerIdAndDeletedAtAfter(UUID id, UUID ownerId, Instant since);

    /** For a change: whoever comes second waits, and then finds a newer version. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<Quilt> findWithLockByIdAndOwnerIdAndDeletedAtIsNull(UUID id, UUID ownerId);

    Quilt saveAndFlush(Quilt quilt);
}
