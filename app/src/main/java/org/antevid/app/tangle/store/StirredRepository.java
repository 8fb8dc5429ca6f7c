package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface StirredRepository extends JpaRepository<StirredEntity, String> {
    /** @return oldest first */
    List<StirredEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
