package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface TiedOffRepository extends JpaRepository<TiedOffEntity, String> {
    /** @return oldest first */
    List<TiedOffEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
