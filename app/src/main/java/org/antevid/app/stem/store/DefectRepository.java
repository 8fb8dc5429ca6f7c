package org.antevid.app.stem.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface DefectRepository extends JpaRepository<DefectEntity, String> {
    List<DefectEntity> findByStemIdOrderBySeenAt(String stemId);

    List<DefectEntity> findByJobIdOrderBySeenAt(String jobId);
}
