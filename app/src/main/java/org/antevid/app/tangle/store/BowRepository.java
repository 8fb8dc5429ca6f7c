package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface BowRepository extends JpaRepository<BowEntity, String> {
    /** @return oldest first */
    List<BowEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
