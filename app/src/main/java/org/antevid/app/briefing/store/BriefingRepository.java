package org.antevid.app.briefing.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface BriefingRepository extends JpaRepository<BriefingEntity, String> {
    @Query("select e from BriefingEntity e where e.jobId = :jobId order by e.number")
    List<BriefingEntity> findByJobIdOrderByNumber(String jobId);

    @Query("select e from BriefingEntity e where e.jobId = :jobId and e.number = :number")
    Optional<BriefingEntity> findByJobIdAndNumber(String jobId, int number);
}
