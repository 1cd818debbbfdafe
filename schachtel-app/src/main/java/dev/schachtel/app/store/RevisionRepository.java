package dev.schachtel.app.store;

import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;

interface RevisionRepository extends JpaRepository<RevisionEntity, Long> {
    Optional<RevisionEntity> findFirstByParentIdAndAsideOrderByIdDesc(long parentId, boolean aside);

    boolean existsByParentIdAndAside(long parentId, boolean aside);

    List<RevisionEntity> findAllBySpecContaining(String part);
}
