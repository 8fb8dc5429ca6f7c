package org.antevid.app.takedown.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface TakedownRepository extends JpaRepository<TakedownEntity, String> {
    /** @return the newest of a stem */
    @Query("select e from TakedownEntity e where e.jobId = :jobId and e.stemId = :stemId order by e.at desc, "
            + "e.id desc limit 1")
    Optional<TakedownEntity> findFirstByJobIdAndStemIdOrderByAtDescIdDesc(String jobId, String stemId);

    /** @return all of a job, oldest first */
    @Query("select e from TakedownEntity e where e.jobId = :jobId order by e.at, e.id")
    List<TakedownEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
