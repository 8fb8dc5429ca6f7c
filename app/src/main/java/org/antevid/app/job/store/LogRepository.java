package org.antevid.app.job.store;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

public interface LogRepository extends JpaRepository<LogEntity, Long> {
    List<LogEntity> findByJobIdOrderByIdDesc(String jobId, Limit most);
}
