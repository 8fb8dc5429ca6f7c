package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface LimbRepository extends JpaRepository<LimbEntity, String> {
    /** @return those that are still on, oldest first */
    @Query("select e from LimbEntity e where e.jobId = :jobId and e.stemId = :stemId and e.endedAt is null "
            + "order by e.at, e.id")
    List<LimbEntity> findByJobIdAndStemIdAndEndedAtIsNullOrderByAtAscIdAsc(String jobId, String stemId);
}
