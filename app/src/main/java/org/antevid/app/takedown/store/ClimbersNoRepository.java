package org.antevid.app.takedown.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface ClimbersNoRepository extends JpaRepository<ClimbersNoEntity, String> {
    /** @return those of a job that nobody took back, oldest first */
    @Query("select e from ClimbersNoEntity e where e.jobId = :jobId and e.endedAt is null order by e.at, e.id")
    List<ClimbersNoEntity> findByJobIdAndEndedAtIsNullOrderByAtAscIdAsc(String jobId);
}
