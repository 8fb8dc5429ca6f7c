package org.antevid.app.review.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface OutcomeRepository extends JpaRepository<OutcomeEntity, String> {
    List<OutcomeEntity> findByJobIdOrderByAt(String jobId);

    List<OutcomeEntity> findByJobIdAndStem(String jobId, String stem);
}
