package org.antevid.app.records.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface IncidentRepository extends JpaRepository<IncidentEntity, String> {
    @Query("select e from IncidentEntity e where e.jobId = :jobId order by e.at")
    List<IncidentEntity> findByJobIdOrderByAt(String jobId);

    @Query("select e from IncidentEntity e order by e.at desc")
    List<IncidentEntity> findAllByOrderByAtDesc();
}
