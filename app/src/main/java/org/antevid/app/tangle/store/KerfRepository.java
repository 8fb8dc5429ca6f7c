package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface KerfRepository extends JpaRepository<KerfEntity, String> {
    /** @return oldest first */
    List<KerfEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
