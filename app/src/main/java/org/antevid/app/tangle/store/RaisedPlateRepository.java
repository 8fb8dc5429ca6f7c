package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface RaisedPlateRepository extends JpaRepository<RaisedPlateEntity, String> {
    /** @return oldest first */
    @Query("select e from RaisedPlateEntity e where e.jobId = :jobId order by e.at, e.id")
    List<RaisedPlateEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
