package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface LimbRepository extends JpaRepository<LimbEntity, String> {
    /** @return those that are still on, oldest first */
    List<LimbEntity> findByJobIdAndStemIdAndEndedAtIsNullOrderByAtAscIdAsc(String jobId, String stemId);
}
