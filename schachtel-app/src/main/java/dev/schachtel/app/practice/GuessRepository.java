package dev.schachtel.app.practice;

import java.util.List;
import java.util.Set;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

/** What was guessed. */
interface GuessRepository extends JpaRepository<GuessEntity, Long> {
    List<GuessEntity> findTop100ByMakerOrderByIdDesc(String maker);

    @Query("select distinct l.maker from GuessEntity l")
    Set<String> makers();

    @Modifying
    @Query("delete from GuessEntity l where l.maker = :maker")
    void deleteAllByMaker(@Param("maker") String maker);

    boolean existsByMakerAndExercise(String maker, long exercise);

    long countByMaker(String maker);
}
