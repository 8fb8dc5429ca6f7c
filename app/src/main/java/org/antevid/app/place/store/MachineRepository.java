package org.antevid.app.place.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface MachineRepository extends JpaRepository<MachineEntity, String> {
    List<MachineEntity> findByJobIdOrderByName(String jobId);
}
