package org.antevid.app.records.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface WeighingRepository extends JpaRepository<WeighingEntity, String> {
    List<WeighingEntity> findByJobIdOrderByAt(String jobId);

    List<WeighingEntity> findByReckonedKgNotNull();
}
