package org.antevid.app.stem.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface SightingRepository extends JpaRepository<SightingEntity, String> {
    @Query("select e from SightingEntity e where e.stemId = :stemId order by e.takenAt")
    List<SightingEntity> findByStemIdOrderByTakenAt(String stemId);

    @Query("select e from SightingEntity e where e.jobId = :jobId order by e.takenAt")
    List<SightingEntity> findByJobIdOrderByTakenAt(String jobId);
}
