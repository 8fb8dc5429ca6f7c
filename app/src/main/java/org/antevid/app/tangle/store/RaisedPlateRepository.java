package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface RaisedPlateRepository extends JpaRepository<RaisedPlateEntity, String> {
    /** @return oldest first */
    List<RaisedPlateEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
