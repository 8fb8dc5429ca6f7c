package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface SectionCutRepository extends JpaRepository<SectionCutEntity, String> {
    /** @return oldest first */
    List<SectionCutEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
