package dev.schachtel.app.log;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

import jakarta.persistence.LockModeType;

/** Builds of the log. */
interface LoggedRepository extends JpaRepository<LoggedBuild, Long> {
    /** What a list shows of a build, without its documents. */
    record Row(
            long id, long version, String name, String about, Instant endedAt, int planned, int taken, int mishaps) {}

    @Query("select new dev.schachtel.app.log.LoggedRepository$Row("
            + "b.id, b.version, b.name, b.about, b.endedAt, b.planned, b.taken, b.mishaps) from LoggedBuild b "
            + "where b.sought like concat('%', :first, '%') and b.sought like concat('%', :second, '%') "
            + "and b.sought like concat('%', :third, '%') order by b.endedAt desc, b.id desc")
    List<Row> find(
            @Param("first") String first, @Param("second") String second, @Param("third") String third, Pageable page);

    @Query("select new dev.schachtel.app.log.LoggedRepository$Row("
            + "b.id, b.version, b.name, b.about, b.endedAt, b.planned, b.taken, b.mishaps) from LoggedBuild b "
            + "order by b.endedAt desc, b.id desc")
    List<Row> newest(Pageable page);

    /** Whoever else wants to change it waits until the transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select b from LoggedBuild b where b.id = :id")
    Optional<LoggedBuild> lock(@Param("id") long id);

    Optional<LoggedBuild> findByRunId(long runId);

    boolean existsByRunId(long runId);

    List<LoggedBuild> findAllByOrderByEndedAtAscIdAsc();

    @Query("select b.id from LoggedBuild b where b.document like concat('%', :word, '%') "
            + "or b.card like concat('%', :word, '%') or b.sought like concat('%', :word, '%')")
    List<Long> with(@Param("word") String word);
}
