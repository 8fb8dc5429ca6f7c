package org.antevid.app.briefing.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

public interface BriefingRepository extends JpaRepository<BriefingEntity, String> {
    List<BriefingEntity> findByJobIdOrderByNumber(String jobId);

    Optional<BriefingEntity> findByJobIdAndNumber(String jobId, int number);
}
