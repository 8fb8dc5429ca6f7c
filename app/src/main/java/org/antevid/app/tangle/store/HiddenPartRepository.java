package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface HiddenPartRepository extends JpaRepository<HiddenPartEntity, String> {
    /** @return oldest first */
    List<HiddenPartEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
