package org.antevid.app.stem.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

public interface StemRepository extends JpaRepository<StemEntity, String> {
    List<StemEntity> findByJobId(String jobId);

    Optional<StemEntity> findByJobIdAndLabel(String jobId, String label);
}
