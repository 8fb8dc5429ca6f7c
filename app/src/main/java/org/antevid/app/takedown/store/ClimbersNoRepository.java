package org.antevid.app.takedown.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface ClimbersNoRepository extends JpaRepository<ClimbersNoEntity, String> {
    /** @return those of a job that nobody took back, oldest first */
    List<ClimbersNoEntity> findByJobIdAndEndedAtIsNullOrderByAtAscIdAsc(String jobId);
}
