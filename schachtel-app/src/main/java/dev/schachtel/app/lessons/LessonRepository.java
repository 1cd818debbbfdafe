package dev.schachtel.app.lessons;

import java.util.List;

import org.springframework.data.jpa.repository.JpaRepository;

/** Lessons. */
interface LessonRepository extends JpaRepository<LessonEntity, Long> {
    List<LessonEntity> findAllByBuildIdOrderById(long build);

    List<LessonEntity> findAllByWordsContaining(String word);

    List<LessonEntity> findTop500ByOrderByIdDesc();
}
