package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface ClosedGroundRepository extends JpaRepository<ClosedGroundEntity, String> {
    /** @return oldest first */
    List<ClosedGroundEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
