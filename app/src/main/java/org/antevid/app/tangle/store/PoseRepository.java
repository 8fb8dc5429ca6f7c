package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface PoseRepository extends JpaRepository<PoseEntity, String> {
    /** @return oldest first */
    List<PoseEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
