package dev.schachtel.app.planning;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.function.UnaryOperator;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.FoundFile;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.model.RefusedException;

/** What looking longer found, kept in the database, so that every server has it and a new one too. */
@Component
class FoundPlans {
    private static final Logger LOG = LoggerFactory.getLogger(FoundPlans.class);
    /** It can be found again: what nobody improved for so long is thrown away. */
    private static final Duration KEPT = Duration.ofDays(90);

    private final FoundRepository repository;
    private final Clock clock;

    FoundPlans(FoundRepository repository, Clock clock) {
        this.repository = repository;
        this.clock = clock;
    }

    FoundFile of(CardSpec spec, Workshop workshop) {
        try {
            return repository
                    .findById(key(spec, workshop))
                    .map(row -> FoundFile.read(row.document()))
                    .orElse(FoundFile.NONE);
        } catch (RefusedException | DataAccessException e) {
            LOG.warn("what was found for a card is not used: {}", e.getMessage());
            return FoundFile.NONE;
        }
    }

    /** Keeps what was found with this change, such as a new order of the same cuts. */
    void change(CardSpec spec, Workshop workshop, UnaryOperator<FoundFile> change) {
        Instant now = clock.instant();
        try {
            FoundFile better = change.apply(of(spec, workshop));
            repository.save(new FoundEntity(key(spec, workshop), better.write(), now));
            repository.forgetBefore(now.minus(KEPT));
        } catch (DataAccessException e) {
            LOG.warn("what was found for a card is not kept: {}", e.getMessage());
        }
    }

    static String key(CardSpec spec, Workshop workshop) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            digest.update(CardFile.write(spec).getBytes(StandardCharsets.UTF_8));
            digest.update((byte) 0);
            digest.update(WorkshopFile.write(workshop).getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
