package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface DragLineRepository extends JpaRepository<DragLineEntity, String> {
    /** @return oldest first */
    List<DragLineEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
