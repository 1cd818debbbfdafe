package dev.schachtel.app.workshop;

import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

import jakarta.persistence.LockModeType;

interface WorkshopRepository extends JpaRepository<WorkshopEntity, Integer> {
    @Query("select w.version from WorkshopEntity w where w.id = 1")
    Optional<Long> version();

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select w from WorkshopEntity w where w.id = 1")
    Optional<WorkshopEntity> locked();
}
