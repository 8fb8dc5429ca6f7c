package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface StruckAnswerRepository extends JpaRepository<StruckAnswerEntity, String> {
    /** @return oldest first */
    List<StruckAnswerEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
