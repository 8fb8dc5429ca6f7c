package org.antevid.app.place.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface SpotHeightRepository extends JpaRepository<SpotHeightEntity, String> {
    @Query("select e from SpotHeightEntity e where e.jobId = :jobId order by e.takenAt")
    List<SpotHeightEntity> findByJobIdOrderByTakenAt(String jobId);
}
