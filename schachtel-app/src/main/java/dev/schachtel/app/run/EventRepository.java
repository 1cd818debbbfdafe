package dev.schachtel.app.run;

import java.util.List;

import org.springframework.data.jpa.repository.JpaRepository;

interface EventRepository extends JpaRepository<EventEntity, Long> {
    List<EventEntity> findAllByRunIdOrderByIdAsc(long runId);

    long countByRunId(long runId);
}
