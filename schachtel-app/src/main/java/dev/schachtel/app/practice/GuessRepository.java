package dev.schachtel.app.practice;

import java.util.List;

import org.springframework.data.jpa.repository.JpaRepository;

/** What was guessed. */
interface GuessRepository extends JpaRepository<GuessEntity, Long> {
    List<GuessEntity> findTop100ByMakerOrderByIdDesc(String maker);

    boolean existsByMakerAndExercise(String maker, long exercise);

    long countByMaker(String maker);
}
