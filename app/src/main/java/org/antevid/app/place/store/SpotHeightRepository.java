package org.antevid.app.place.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface SpotHeightRepository extends JpaRepository<SpotHeightEntity, String> {
    List<SpotHeightEntity> findByJobIdOrderByTakenAt(String jobId);
}
