package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface StruckAnswerRepository extends JpaRepository<StruckAnswerEntity, String> {
    /** @return oldest first */
    @Query("select e from StruckAnswerEntity e where e.jobId = :jobId order by e.at, e.id")
    List<StruckAnswerEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
