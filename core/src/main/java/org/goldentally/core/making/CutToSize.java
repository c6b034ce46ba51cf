package org.goldentally.core.making;

import java.util.Optional;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.habits.OwnCut;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.meaning.WorkChoices;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;

/** The recipe of units that the quilter cuts larger or smaller than the school of the quilt says; never too small. */
record CutToSize(WorkChoices work, SewingSettings settings, ClothPiece cloth) {

    /** Empty where nothing is said of these units made by this method. */
    Optional<Reading<Recipe>> recipe(Wanted units, PiecingMethod method) {
        return work.cutOf(method.id(), units.key().choice(), units.key().kindChoice())
                .map(own -> recipe(units, method, own));
    }

    /** Why what is said cannot be; empty where it can, or where nothing is said. */
    Optional<Problem> problem(Wanted units, PiecingMethod method) {
        return recipe(units, method)
                .flatMap(reading -> reading instanceof Reading.Refused<Recipe> refused
                        ? Optional.of(refused.problem())
                        : Optional.empty());
    }

    private Reading<Recipe> recipe(Wanted units, PiecingMethod method, OwnCut own) {
        Recipe bySchool = method.recipe(units.key().unit(), settings, cloth);
        Optional<Recipe.CutWithRoom> room = bySchool.cutWithRoom();
        String where = "Cut size, " + units.label();
        if (room.isEmpty()) {
            return Reading.refused(
                    where,
                    "it is cut at its exact size, " + method.displayName() + ", and nothing of it is trimmed",
                    "leave the size as it is, or choose another way of making it");
        }
        return switch (own) {
            case OwnCut.BySchool any -> Reading.of(cut(units, method, own));
            case OwnCut.Cut(Length size) -> toSize(units, method, size, room.get(), where);
            case OwnCut.Raw(Length size) -> toRaw(units, method, size, bySchool, where);
        };
    }

    private Recipe cut(Wanted units, PiecingMethod method, OwnCut own) {
        return method.recipe(
                units.key().unit(), settings.cutting(own, units.key().unit().finishedWidth()), cloth);
    }

    private Reading<Recipe> toSize(
            Wanted units, PiecingMethod method, Length size, Recipe.CutWithRoom room, String where) {
        LengthWriter writer = settings.system().writer();
        if (size.isShorterThan(room.exact())) {
            return Reading.refused(
                    where,
                    writer.writeWithUnit(size) + " is less than it needs, " + method.displayName(),
                    "cut " + writer.writeWithUnit(room.least()) + " or more");
        }
        if (size.isLongerThan(cloth.width())) {
            return Reading.refused(
                    where,
                    writer.writeWithUnit(size) + " is more than fabric is wide, " + writer.writeWithUnit(cloth.width()),
                    "cut " + writer.writeWithUnit(room.least()) + " or a little more");
        }
        return Reading.of(cut(units, method, new OwnCut.Cut(size)));
    }

    private Reading<Recipe> toRaw(Wanted units, PiecingMethod method, Length size, Recipe bySchool, String where) {
        LengthWriter writer = settings.system().writer();
        if (units.key().unit().isTriangle() || !bySchool.sizes().needsTrimming()) {
            return Reading.refused(
                    where,
                    "the whole of it is not trimmed, so it has no raw size to choose",
                    "say what you cut instead, such as "
                            + writer.write(bySchool.cutWithRoom()
                                    .map(Recipe.CutWithRoom::cut)
                                    .orElse(size)));
        }
        Length trimmed = bySchool.sizes().trimmedWidth();
        if (size.isShorterThan(trimmed) || size.isLongerThan(cloth.width().dividedBy(2))) {
            return Reading.refused(
                    where,
                    "raw " + writer.writeWithUnit(size) + " cannot be trimmed to " + writer.writeWithUnit(trimmed)
                            + (size.isShorterThan(trimmed) ? "" : " without waste of most of it"),
                    "say raw " + writer.write(trimmed) + " or a little more");
        }
        return Reading.of(cut(units, method, new OwnCut.Raw(size)));
    }
}
