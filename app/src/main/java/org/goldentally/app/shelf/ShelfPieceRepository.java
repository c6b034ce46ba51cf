package org.goldentally.app.shelf;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ShelfPieceRepository extends Repository<ShelfPiece, UUID> {

    /** With their cloths, in one question to the database. */
    @Query("select piece from ShelfPiece piece join fetch piece.cloth where piece.ownerId = :ownerId"
            + " and piece.removedAt is null order by piece.addedAt")
    List<ShelfPiece> all(UUID ownerId);

    /** Found by their cloths alone, however many others the owner has. */
    @Query("select piece from ShelfPiece piece join fetch piece.cloth cloth where cloth.ownerId = :ownerId"
            + " and piece.removedAt is null and piece.cloth.id in :clothIds order by piece.addedAt")
    List<ShelfPiece> ofCloths(UUID ownerId, Collection<UUID> clothIds);

    Optional<ShelfPiece> findByIdAndOwnerId(UUID id, UUID ownerId);

    long countByClothAndRemovedAtIsNull(Cloth cloth);

    ShelfPiece saveAndFlush(ShelfPiece piece);
}
