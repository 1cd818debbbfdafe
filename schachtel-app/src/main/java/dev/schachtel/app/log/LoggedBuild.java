package dev.schachtel.app.log;

import java.time.Instant;
import java.util.function.UnaryOperator;

import org.jspecify.annotations.Nullable;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** One build in the log. Beside the document stands what lists show and search. */
@Entity
@Table(name = "logged_build")
class LoggedBuild {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @Column(name = "run_id")
    private @Nullable Long runId;

    @Column(name = "card_id")
    private @Nullable Long cardId;

    private String name = "";
    private String about = "";

    @Column(name = "ended_at")
    private Instant endedAt = Instant.EPOCH;

    private int planned;
    private int taken;
    private int mishaps;

    @Column(columnDefinition = "mediumtext")
    private String sought = "";

    @Column(columnDefinition = "mediumtext")
    private String document = "";

    @Column(columnDefinition = "longtext")
    private @Nullable String card;

    @Version
    private long version;

    protected LoggedBuild() {}

    LoggedBuild(@Nullable Long runId, @Nullable Long cardId, @Nullable String card, Instant endedAt) {
        this.runId = runId;
        this.cardId = cardId;
        this.card = card;
        this.endedAt = endedAt;
    }

    /** What lists show and search of a build. */
    record Shown(String name, String about, int planned, int taken, int mishaps, String sought) {}

    void holds(String newDocument, Shown shown) {
        document = newDocument;
        name = shown.name();
        about = shown.about();
        planned = shown.planned();
        taken = shown.taken();
        mishaps = shown.mishaps();
        sought = shown.sought();
    }

    /** What lists show, each text changed. */
    Shown shown(UnaryOperator<String> text) {
        return new Shown(text.apply(name), text.apply(about), planned, taken, mishaps, text.apply(sought));
    }

    void holds(@Nullable String otherCard) {
        card = otherCard;
    }

    void ended(Instant at) {
        endedAt = at;
    }

    long id() {
        return id == null ? 0 : id;
    }

    long version() {
        return version;
    }

    @Nullable
    Long cardId() {
        return cardId;
    }

    String document() {
        return document;
    }

    @Nullable
    String card() {
        return card;
    }

    Instant endedAt() {
        return endedAt;
    }
}
