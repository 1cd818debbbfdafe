package dev.schachtel.app.run;

import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

import jakarta.persistence.LockModeType;

/** Runs; whoever says something locks the run first, so that two makers queue up. */
interface RunRepository extends JpaRepository<RunEntity, Long> {
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select r from RunEntity r where r.id = :id")
    Optional<RunEntity> lock(@Param("id") long id);

    /** Whoever begins a run of a card waits for others who do. */
    @Query(value = "select id from card where id = :card for update", nativeQuery = true)
    Optional<Long> lockCard(@Param("card") long card);

    List<RunEntity> findTop20ByOrderByIdDesc();

    Optional<RunEntity> findFirstByCardIdOrderByIdDesc(long cardId);
}
