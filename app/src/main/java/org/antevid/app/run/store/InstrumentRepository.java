package org.antevid.app.run.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface InstrumentRepository extends JpaRepository<InstrumentEntity, String> {
    List<InstrumentEntity> findByJobIdAndAwayAtIsNullOrderByPutAt(String jobId);
}
