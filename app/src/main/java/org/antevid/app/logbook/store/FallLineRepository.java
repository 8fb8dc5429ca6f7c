package org.antevid.app.logbook.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface FallLineRepository extends JpaRepository<FallLineEntity, String> {
    List<FallLineEntity> findAllByOrderByFelledAtDesc();

    List<FallLineEntity> findByJobId(String jobId);

    List<FallLineEntity> findBySawyerIdOrderByFelledAtDesc(String sawyerId);

    void deleteByJobId(String jobId);
}
