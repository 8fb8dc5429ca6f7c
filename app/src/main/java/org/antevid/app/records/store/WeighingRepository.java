package org.antevid.app.records.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface WeighingRepository extends JpaRepository<WeighingEntity, String> {
    @Query("select e from WeighingEntity e where e.jobId = :jobId order by e.at")
    List<WeighingEntity> findByJobIdOrderByAt(String jobId);

    @Query("select e from WeighingEntity e where e.reckonedKg is not null")
    List<WeighingEntity> findByReckonedKgNotNull();
}
