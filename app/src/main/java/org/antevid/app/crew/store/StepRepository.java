package org.antevid.app.crew.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface StepRepository extends JpaRepository<StepEntity, String> {
    @Query("select e from StepEntity e where e.jobId = :jobId order by e.turn")
    List<StepEntity> findByJobIdOrderByTurn(String jobId);

    @Query("select distinct s.jobId from StepEntity s join s.posts p where s.done = false and s.kind = "
            + "org.antevid.core.crew.Step.Kind.FELL and p.role = org.antevid.core.crew.Role.CUTTER "
            + "and p.personId = :person")
    List<String> jobsToBeCutBy(String person);

    /** @return kind, kind of work or null, and what it took, of all steps of the house of which that is known */
    @Query("select s.kind, s.work, s.tookMin from StepEntity s where s.tookMin is not null")
    List<Object[]> took();
}
