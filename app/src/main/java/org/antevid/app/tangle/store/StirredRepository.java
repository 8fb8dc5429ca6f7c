package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface StirredRepository extends JpaRepository<StirredEntity, String> {
    /** @return oldest first */
    @Query("select e from StirredEntity e where e.jobId = :jobId order by e.at, e.id")
    List<StirredEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
