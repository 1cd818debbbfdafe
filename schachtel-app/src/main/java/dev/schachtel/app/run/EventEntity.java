package dev.schachtel.app.run;

import java.time.Instant;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.run.RunEvent;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** One thing said at the bench. */
@Entity
@Table(name = "run_event")
class EventEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @Column(name = "run_id")
    private long runId;

    @Column(name = "said_id")
    private String saidId = "";

    @Column(name = "said_at")
    private Instant saidAt = Instant.EPOCH;

    private String maker = "";
    private String kind = "";
    private String step = "";
    private int card;
    private String note = "";

    protected EventEntity() {}

    EventEntity(long runId, RunEvent event) {
        this.runId = runId;
        this.saidId = event.id();
        this.saidAt = event.at();
        this.maker = event.maker();
        this.kind = event.kind().name();
        this.step = event.step();
        this.card = event.card();
        this.note = event.note();
    }

    RunEvent event() {
        return new RunEvent(saidId, saidAt, maker, RunEvent.Kind.valueOf(kind), step, card, note);
    }
}
