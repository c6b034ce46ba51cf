package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.FlyingGeeseUnit;

/** Geese from loose triangles: bodies from squares cut on both diagonals, wings from squares cut on one; right grain everywhere. */
public final class LooseGeese implements PiecingMethod {

    @Override
    public MethodId id() {
        return MethodId.LOOSE_GEESE;
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof FlyingGeeseUnit;
    }

    @Override
    public int partsOfPiece(ClothRole role) {
        return role == ClothRole.A ? 4 : 2;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        Length room = Sizes.roomForLooseTriangle(settings);
        return FourGeese.geese(unit, settings, room, room, "four bodies and eight wings")
                .sewn(
                        6,
                        settings.unfinished(unit.finishedHeight())
                                .timesRootTwo()
                                .times(8))
                .edges(OuterEdges.STRAIGHT_ONCE_SEWN)
                .because("Triangles", () -> "4 bodies from the large square, 2 wings from each small one: 4 geese")
                .build();
    }
}
