package org.antevid.app.run.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface InstrumentRepository extends JpaRepository<InstrumentEntity, String> {
    @Query("select e from InstrumentEntity e where e.jobId = :jobId and e.awayAt is null order by e.putAt")
    List<InstrumentEntity> findByJobIdAndAwayAtIsNullOrderByPutAt(String jobId);
}
