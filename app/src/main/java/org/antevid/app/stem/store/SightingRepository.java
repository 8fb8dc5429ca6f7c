package org.antevid.app.stem.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface SightingRepository extends JpaRepository<SightingEntity, String> {
    List<SightingEntity> findByStemIdOrderByTakenAt(String stemId);

    List<SightingEntity> findByJobIdOrderByTakenAt(String jobId);
}
