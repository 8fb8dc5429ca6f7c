package org.antevid.app.job.store;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface LogRepository extends JpaRepository<LogEntity, Long> {
    @Query("select e from LogEntity e where e.jobId = :jobId order by e.id desc")
    List<LogEntity> findByJobIdOrderByIdDesc(String jobId, Limit most);
}
