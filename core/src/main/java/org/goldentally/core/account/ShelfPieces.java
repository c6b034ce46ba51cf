package org.goldentally.core.account;

import org.goldentally.core.cloth.ClothPiece;

/** Equal pieces of one cloth on the shelf; {@code key} finds them again, such as a row of the shelf. */
public record ShelfPieces(String key, int count, ClothPiece piece) {}
