package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface SectionCutRepository extends JpaRepository<SectionCutEntity, String> {
    /** @return oldest first */
    @Query("select e from SectionCutEntity e where e.jobId = :jobId order by e.at, e.id")
    List<SectionCutEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
