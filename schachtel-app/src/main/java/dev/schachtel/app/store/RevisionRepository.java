package dev.schachtel.app.store;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

interface RevisionRepository extends JpaRepository<RevisionEntity, Long> {
    Optional<RevisionEntity> findFirstByParentIdAndAsideOrderByIdDesc(long parentId, boolean aside);

    boolean existsByParentIdAndAside(long parentId, boolean aside);

    /** Those of the states that can be gone on from, as {@link #existsByParentIdAndAside} says of one. */
    @Query("select distinct r.parentId from RevisionEntity r where r.parentId in :states and r.aside = false")
    Set<Long> withNext(@Param("states") List<Long> states);

    /** The texts of a state, without keeping the state itself in mind. */
    record Texts(long id, String spec, String about) {}

    @Query("select distinct r.cardId from RevisionEntity r where r.spec like concat('%', :word, '%') "
            + "or r.about like concat('%', :word, '%')")
    Set<Long> cardsWith(@Param("word") String word);

    /** States of a card with this word, the newest first. */
    @Query("select r.id from RevisionEntity r where r.cardId = :card and (r.spec like concat('%', :word, '%') "
            + "or r.about like concat('%', :word, '%')) order by r.id desc")
    List<Long> with(@Param("card") long card, @Param("word") String word);

    @Query("select new dev.schachtel.app.store.RevisionRepository$Texts(r.id, r.spec, r.about) from RevisionEntity r "
            + "where r.id in :states order by r.id desc")
    List<Texts> texts(@Param("states") List<Long> states);
}
