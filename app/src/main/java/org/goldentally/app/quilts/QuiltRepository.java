package org.goldentally.app.quilts;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface QuiltRepository extends Repository<Quilt, UUID> {

    /** Without their designs, which a list does not show. */
    @Query(
            "select new org.goldentally.app.quilts.Quilts$QuiltSummary(quilt.id, quilt.name, quilt.updatedAt, quilt.version,"
                    + " quilt.cameFrom, quilt.archivedAt) from Quilt quilt where quilt.ownerId = :ownerId and quilt.deletedAt is null order by quilt.updatedAt desc")
    List<Quilts.QuiltSummary> list(UUID ownerId);

    @Query("select quilt.id as id, quilt.name as name, quilt.deletedAt as deletedAt from Quilt quilt"
            + " where quilt.ownerId = :ownerId and quilt.deletedAt > :since order by quilt.deletedAt desc")
    List<DeletedName> deleted(UUID ownerId, Instant since);

    /** A deleted quilt without its design. */
    interface DeletedName {
        UUID getId();

        String getName();

        Instant getDeletedAt();
    }

    /** Deleted ones too, oldest first. */
    @Query("select quilt from Quilt quilt where quilt.ownerId = :ownerId order by quilt.createdAt, quilt.id")
    List<Quilt> findByOwnerId(UUID ownerId);

    boolean existsById(UUID id);

    Optional<Quilt> findByIdAndOwnerId(UUID id, UUID ownerId);

    /** Which version it is, without its design. */
    @Query("select quilt.version from Quilt quilt"
            + " where quilt.id = :id and quilt.ownerId = :ownerId and quilt.deletedAt is null")
    Optional<Integer> version(UUID id, UUID ownerId);

    Optional<Quilt> findByIdAndOwnerIdAndDeletedAtIsNull(UUID id, UUID ownerId);

    /** For a change: whoever comes second waits, and then finds a newer version. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<Quilt> findWithLockByIdAndOwnerIdAndDeletedAtIsNull(UUID id, UUID ownerId);

    Quilt saveAndFlush(Quilt quilt);
}
