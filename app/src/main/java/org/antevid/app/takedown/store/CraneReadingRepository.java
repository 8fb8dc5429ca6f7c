package org.antevid.app.takedown.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface CraneReadingRepository extends JpaRepository<CraneReadingEntity, String> {
    /** @return oldest first */
    List<CraneReadingEntity> findByJobIdAndStemIdOrderByAtAscIdAsc(String jobId, String stemId);

    /** @return of all jobs but this one, oldest first */
    List<CraneReadingEntity> findByJobIdNotOrderByAtAscIdAsc(String jobId);
}
