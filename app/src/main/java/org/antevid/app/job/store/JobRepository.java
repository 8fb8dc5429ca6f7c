package org.antevid.app.job.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

public interface JobRepository extends JpaRepository<JobEntity, String> {
    Optional<JobEntity> findByCode(String code);

    List<JobEntity> findByClosedFalse();

    List<JobEntity> findAllByOrderByVisitOnAscNameAsc();
}
