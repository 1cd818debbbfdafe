package dev.schachtel.app.store;

import java.time.Instant;

import org.jspecify.annotations.Nullable;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** One state of a card: its file, what made it, and the state before. */
@Entity
@Table(name = "revision")
class RevisionEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @Column(name = "card_id")
    private long cardId;

    @Column(name = "parent_id")
    private @Nullable Long parentId;

    private String about = "";

    @Column(name = "made_in")
    private String window = "";

    @Column(columnDefinition = "longtext")
    private String spec = "";

    private boolean aside;

    @Column(name = "created_at")
    private Instant createdAt = Instant.EPOCH;

    protected RevisionEntity() {}

    RevisionEntity(CardEntity card, @Nullable Long parentId, Change.By by, String spec, Instant now) {
        this.cardId = card.id();
        this.parentId = parentId;
        this.about = by.about().length() > 200 ? by.about().substring(0, 200) : by.about();
        this.window = by.window();
        this.spec = spec;
        this.createdAt = now;
    }

    RevisionEntity setAside() {
        aside = true;
        return this;
    }

    void takeBack() {
        aside = false;
    }

    long id() {
        return id == null ? 0 : id;
    }

    long cardId() {
        return cardId;
    }

    @Nullable
    Long parentId() {
        return parentId;
    }

    Change.By by() {
        return new Change.By(about, window);
    }

    String spec() {
        return spec;
    }

    Instant createdAt() {
        return createdAt;
    }

    boolean isAside() {
        return aside;
    }

    void rewrite(String newSpec, Instant now) {
        spec = newSpec;
        createdAt = now;
    }
}
