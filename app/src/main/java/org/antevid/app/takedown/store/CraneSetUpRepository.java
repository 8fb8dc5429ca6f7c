package org.antevid.app.takedown.store;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

public interface CraneSetUpRepository extends JpaRepository<CraneSetUpEntity, String> {
    Optional<CraneSetUpEntity> findFirstByJobIdAndStemIdOrderByAtDescIdDesc(String jobId, String stemId);
}
