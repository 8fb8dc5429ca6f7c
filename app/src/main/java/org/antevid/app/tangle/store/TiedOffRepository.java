package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface TiedOffRepository extends JpaRepository<TiedOffEntity, String> {
    /** @return oldest first */
    @Query("select e from TiedOffEntity e where e.jobId = :jobId order by e.at, e.id")
    List<TiedOffEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
