package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface PartOfRepository extends JpaRepository<PartOfEntity, String> {
    /** @return oldest first */
    List<PartOfEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
