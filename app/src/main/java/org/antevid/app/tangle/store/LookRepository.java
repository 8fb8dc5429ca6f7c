package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface LookRepository extends JpaRepository<LookEntity, String> {
    /** @return oldest first */
    List<LookEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
