package org.antevid.app.place.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface FeatureRepository extends JpaRepository<FeatureEntity, String> {
    @Query("select e from FeatureEntity e where e.jobId = :jobId order by e.name")
    List<FeatureEntity> findByJobIdOrderByName(String jobId);
}
