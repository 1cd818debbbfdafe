package dev.schachtel.app.store;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

import jakarta.persistence.LockModeType;

/** Cards; whoever wants to change one locks its row first, so that two changes queue up instead of failing. */
interface CardRepository extends JpaRepository<CardEntity, Long> {
    List<CardEntity> findAllByPlaceOrderByIdAsc(Place place);

    @Query("select new dev.schachtel.app.store.CardService$Named(c.id, c.name) from CardEntity c "
            + "where c.setName = :set and c.place = :place and c.id <> :card order by c.id desc")
    List<CardService.Named> besides(
            @Param("card") long card, @Param("set") String set, @Param("place") Place place, Limit most);

    @Query(
            "select c.id from CardEntity c where c.name like concat('%', :word, '%') or c.setName like concat('%', :word, '%')")
    Set<Long> with(@Param("word") String word);

    long countByPlace(Place place);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c from CardEntity c where c.id = :id")
    Optional<CardEntity> lock(@Param("id") long id);
}
