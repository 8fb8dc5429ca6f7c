package org.antevid.app.takedown.store;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface CraneSetUpRepository extends JpaRepository<CraneSetUpEntity, String> {
    @Query("select e from CraneSetUpEntity e where e.jobId = :jobId and e.stemId = :stemId order by e.at desc, "
            + "e.id desc limit 1")
    Optional<CraneSetUpEntity> findFirstByJobIdAndStemIdOrderByAtDescIdDesc(String jobId, String stemId);
}
