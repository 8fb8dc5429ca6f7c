package org.antevid.app.records.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface IncidentRepository extends JpaRepository<IncidentEntity, String> {
    List<IncidentEntity> findByJobIdOrderByAt(String jobId);

    List<IncidentEntity> findAllByOrderByAtDesc();
}
