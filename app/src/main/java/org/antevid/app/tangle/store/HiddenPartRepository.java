package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface HiddenPartRepository extends JpaRepository<HiddenPartEntity, String> {
    /** @return oldest first */
    @Query("select e from HiddenPartEntity e where e.jobId = :jobId order by e.at, e.id")
    List<HiddenPartEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
