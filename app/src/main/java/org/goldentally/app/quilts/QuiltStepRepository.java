package org.goldentally.app.quilts;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface QuiltStepRepository extends Repository<QuiltStep, QuiltStep.Key> {

    Optional<QuiltStep> findByQuiltIdAndNumber(UUID quiltId, int number);

    List<QuiltStep> findByQuiltIdAndNumberBetweenOrderByNumberDesc(UUID quiltId, int first, int last);

    QuiltStep save(QuiltStep step);

    @Modifying(flushAutomatically = true, clearAutomatically = false)
    @Query("delete from QuiltStep step where step.quiltId = :quiltId and step.number > :number")
    void deleteAfter(UUID quiltId, int number);
}
