package dev.schachtel.app.lessons;

import java.time.Instant;

import org.jspecify.annotations.Nullable;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** One lesson. */
@Entity
@Table(name = "lesson")
class LessonEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(20)")
    private Lessons.Topic topic = Lessons.Topic.WORK;

    private String about = "";
    private String words = "";

    @Column(name = "build_id")
    private @Nullable Long buildId;

    @Column(name = "made_at")
    private Instant madeAt = Instant.EPOCH;

    protected LessonEntity() {}

    LessonEntity(Lessons.Topic topic, String about, String words, @Nullable Long buildId, Instant now) {
        this.topic = topic;
        this.about = about;
        this.words = words;
        this.buildId = buildId;
        this.madeAt = now;
    }

    void says(String newWords) {
        words = newWords;
    }

    Lessons.Lesson lesson() {
        return new Lessons.Lesson(id == null ? 0 : id, topic, about, words);
    }
}
