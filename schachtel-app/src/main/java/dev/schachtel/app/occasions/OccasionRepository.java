package dev.schachtel.app.occasions;

import org.springframework.data.jpa.repository.JpaRepository;

/** Occasions. */
interface OccasionRepository extends JpaRepository<OccasionEntity, Long> {}
