package dev.schachtel.app.practice;

import java.util.List;

import org.springframework.data.jpa.repository.JpaRepository;

/** What was looked for. */
interface LookRepository extends JpaRepository<LookEntity, Long> {
    List<LookEntity> findTop2000ByMakerOrderByIdDesc(String maker);

    boolean existsByMakerAndExercise(String maker, long exercise);
}
