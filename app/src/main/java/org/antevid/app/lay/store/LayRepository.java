package org.antevid.app.lay.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface LayRepository extends JpaRepository<LayEntity, String> {
    @Query("select e from LayEntity e where e.jobId = :jobId")
    List<LayEntity> findByJobId(String jobId);
}
