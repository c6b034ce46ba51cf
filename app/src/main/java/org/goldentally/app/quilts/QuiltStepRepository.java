package org.goldentally.app.quilts;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface QuiltStepRepository extends Repository<QuiltStep, QuiltStep.Key> {

    Optional<QuiltStep> findByQuiltIdAndNumber(UUID quiltId, int number);

    List<QuiltStep> findByQuiltIdAndNumberBetweenOrderByNumber(UUID quiltId, int first, int last);

    /** The names of the steps, without their designs, newest first. */
    @Query("select step.number as number, step.what as what, step.at as at from QuiltStep step"
            + " where step.quiltId = :quiltId and step.number >= :first order by step.number desc")
    List<StepName> names(UUID quiltId, int first);

    /** A step without its design. */
    interface StepName {
        int getNumber();

        String getWhat();

        Instant getAt();
    }

    QuiltStep save(QuiltStep step);

    @Modifying(flushAutomatically = true, clearAutomatically = false)
    @Query("delete from QuiltStep step where step.quiltId = :quiltId and step.number > :number")
    void deleteAfter(UUID quiltId, int number);
}
