package dev.schachtel.app.store;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

interface RevisionRepository extends JpaRepository<RevisionEntity, Long> {
    Optional<RevisionEntity> findFirstByParentIdAndAsideOrderByIdDesc(long parentId, boolean aside);

    boolean existsByParentIdAndAside(long parentId, boolean aside);

    /** Those of the states that can be gone on from, as {@link #existsByParentIdAndAside} says of one. */
    @Query("select distinct r.parentId from RevisionEntity r where r.parentId in :states and r.aside = false")
    Set<Long> withNext(@Param("states") List<Long> states);

    /** The texts of a state, without keeping the state itself in mind. */
    record Texts(String spec, String about) {}

    @Query("select distinct r.cardId from RevisionEntity r where r.spec like concat('%', :word, '%') "
            + "or r.about like concat('%', :word, '%')")
    Set<Long> cardsWith(@Param("word") String word);

    @Query("select r.id from RevisionEntity r where r.cardId = :card and (r.spec like concat('%', :word, '%') "
            + "or r.about like concat('%', :word, '%')) order by r.id desc")
    List<Long> with(@Param("card") long card, @Param("word") String word);

    @Query(
            "select new dev.schachtel.app.store.RevisionRepository$Texts(r.spec, r.about) from RevisionEntity r where r.id = :id")
    Texts texts(@Param("id") long id);

    @Modifying
    @Query("update RevisionEntity r set r.spec = :spec, r.about = :about where r.id = :id")
    void rewrite(@Param("id") long id, @Param("spec") String spec, @Param("about") String about);
}
