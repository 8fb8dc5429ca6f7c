package org.antevid.app.briefing.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface SignatureRepository extends JpaRepository<SignatureEntity, String> {
    List<SignatureEntity> findByBriefingId(String briefingId);
}
