package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface RestRepository extends JpaRepository<RestEntity, String> {
    /** @return oldest first */
    List<RestEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
