package org.antevid.app.place.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface MachineRepository extends JpaRepository<MachineEntity, String> {
    @Query("select e from MachineEntity e where e.jobId = :jobId order by e.name")
    List<MachineEntity> findByJobIdOrderByName(String jobId);
}
