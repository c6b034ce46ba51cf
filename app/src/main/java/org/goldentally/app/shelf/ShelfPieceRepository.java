package org.goldentally.app.shelf;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ShelfPieceRepository extends Repository<ShelfPiece, UUID> {

    List<ShelfPiece> findByOwnerIdAndRemovedAtIsNullOrderByAddedAt(UUID ownerId);

    Optional<ShelfPiece> findByIdAndOwnerId(UUID id, UUID ownerId);

    long countByClothAndRemovedAtIsNull(Cloth cloth);

    ShelfPiece saveAndFlush(ShelfPiece piece);
}
