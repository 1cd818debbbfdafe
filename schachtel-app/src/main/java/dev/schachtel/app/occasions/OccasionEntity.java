package dev.schachtel.app.occasions;

import java.time.LocalDate;

import org.jspecify.annotations.Nullable;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A day for which a card is wanted. */
@Entity
@Table(name = "occasion")
class OccasionEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String who = "";
    private String what = "";
    private LocalDate day = LocalDate.EPOCH;
    private boolean yearly;

    @Column(name = "card_id")
    private @Nullable Long cardId;

    protected OccasionEntity() {}

    OccasionEntity(Occasions.Wanted wanted) {
        this.who = wanted.who();
        this.what = wanted.what();
        this.day = wanted.day();
        this.yearly = wanted.yearly();
        this.cardId = wanted.card();
    }

    void isFor(String newWho, String newWhat) {
        who = newWho;
        what = newWhat;
    }

    Occasions.Occasion occasion() {
        return new Occasions.Occasion(id == null ? 0 : id, new Occasions.Wanted(who, what, day, yearly, cardId));
    }
}
