package org.antevid.app.briefing.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface SignatureRepository extends JpaRepository<SignatureEntity, String> {
    @Query("select e from SignatureEntity e where e.briefingId = :briefingId")
    List<SignatureEntity> findByBriefingId(String briefingId);
}
