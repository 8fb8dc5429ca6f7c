package org.antevid.app.job.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface JobRepository extends JpaRepository<JobEntity, String> {
    @Query("select e from JobEntity e where e.code = :code")
    Optional<JobEntity> findByCode(String code);

    @Query("select e from JobEntity e where e.closed = false")
    List<JobEntity> findByClosedFalse();

    @Query("select e from JobEntity e order by e.visitOn, e.name")
    List<JobEntity> findAllByOrderByVisitOnAscNameAsc();
}
