package org.antevid.app.takedown.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

public interface TakedownRepository extends JpaRepository<TakedownEntity, String> {
    /** @return the newest of a stem */
    Optional<TakedownEntity> findFirstByJobIdAndStemIdOrderByAtDescIdDesc(String jobId, String stemId);

    /** @return all of a job, oldest first */
    List<TakedownEntity> findByJobIdOrderByAtAscIdAsc(String jobId);
}
