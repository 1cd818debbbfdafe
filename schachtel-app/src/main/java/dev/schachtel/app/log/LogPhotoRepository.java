package dev.schachtel.app.log;

import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

/** Photos of builds. */
interface LogPhotoRepository extends JpaRepository<LogPhotoEntity, Long> {
    @Query("select p.id from LogPhotoEntity p where p.buildId = :build order by p.id")
    List<Long> idsOf(@Param("build") long build);

    long countByBuildId(long buildId);

    Optional<LogPhotoEntity> findByIdAndBuildId(long id, long buildId);

    void deleteByIdAndBuildId(long id, long buildId);
}
