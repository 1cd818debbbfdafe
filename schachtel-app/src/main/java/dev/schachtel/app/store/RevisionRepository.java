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

    List<RevisionEntity> findAllBySpecContaining(String part);
}
