package org.antevid.app.crew.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface StepRepository extends JpaRepository<StepEntity, String> {
    List<StepEntity> findByJobIdOrderByTurn(String jobId);

    /** @return kind, kind of work or null, and what it took, of all steps of the house of which that is known */
    @Query("select s.kind, s.work, s.tookMin from StepEntity s where s.tookMin is not null")
    List<Object[]> took();
}
