package dev.schachtel.app.run;

import java.util.List;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

interface EventRepository extends JpaRepository<EventEntity, Long> {
    /** Who said something, and its words. */
    record Texts(long id, String maker, String note) {}

    List<EventEntity> findAllByRunIdOrderByIdAsc(long runId);

    long countByRunId(long runId);

    @Query("select new dev.schachtel.app.run.EventRepository$Texts(e.id, e.maker, e.note) from EventEntity e "
            + "where e.maker like concat('%', :word, '%') or e.note like concat('%', :word, '%')")
    List<Texts> with(@Param("word") String word);

    @Modifying
    @Query("update EventEntity e set e.maker = :maker, e.note = :note where e.id = :id")
    void rewrite(@Param("id") long id, @Param("maker") String maker, @Param("note") String note);
}
