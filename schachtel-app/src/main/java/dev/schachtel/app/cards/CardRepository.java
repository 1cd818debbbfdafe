package dev.schachtel.app.cards;

import java.util.List;

import org.springframework.data.jpa.repository.JpaRepository;

interface CardRepository extends JpaRepository<CardEntity, Long> {
    List<CardEntity> findAllByOrderByIdAsc();

    List<CardEntity> findAllBySetNameOrderByIdAsc(String setName);
}
