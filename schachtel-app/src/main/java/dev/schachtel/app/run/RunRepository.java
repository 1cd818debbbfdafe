package dev.schachtel.app.run;

import java.util.List;
import java.util.Optional;

import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

import jakarta.persistence.LockModeType;

/** Runs; whoever says something locks the run first, so that two makers queue up. */
interface RunRepository extends JpaRepository<RunEntity, Long> {
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select r from RunEntity r where r.id = :id")
    Optional<RunEntity> lock(@Param("id") long id);

    @Query("select r.id from RunEntity r where r.spec like concat('%', :word, '%')")
    List<Long> with(@Param("word") String word);

    @Query("select r.spec from RunEntity r where r.id = :id")
    String spec(@Param("id") long id);

    @Modifying
    @Query("update RunEntity r set r.spec = :spec where r.id = :id")
    void rewrite(@Param("id") long id, @Param("spec") String spec);

    List<RunEntity> findTop20ByOrderByIdDesc();

    List<RunEntity> findAllByOrderByIdDesc(Limit most);

    Optional<RunEntity> findFirstByCardIdOrderByIdDesc(long cardId);
}
