package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface HoldingRepository extends JpaRepository<HoldingEntity, String> {
    /** @return oldest first */
    List<HoldingEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
