package dev.schachtel.app.planning;

import java.time.Instant;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

interface FoundRepository extends JpaRepository<FoundEntity, String> {
    @Modifying
    @Transactional
    @Query("delete from FoundEntity f where f.foundAt < :before")
    int forgetBefore(Instant before);
}
