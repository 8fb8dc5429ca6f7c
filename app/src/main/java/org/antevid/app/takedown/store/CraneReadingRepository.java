package org.antevid.app.takedown.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface CraneReadingRepository extends JpaRepository<CraneReadingEntity, String> {
    /** @return oldest first */
    @Query("select e from CraneReadingEntity e where e.jobId = :jobId and e.stemId = :stemId order by e.at, e.id")
    List<CraneReadingEntity> findByJobIdAndStemIdOrderByAtAscIdAsc(String jobId, String stemId);

    /** @return of all jobs but this one, oldest first */
    @Query("select e from CraneReadingEntity e where e.jobId <> :jobId order by e.at, e.id")
    List<CraneReadingEntity> findByJobIdNotOrderByAtAscIdAsc(String jobId);
}
