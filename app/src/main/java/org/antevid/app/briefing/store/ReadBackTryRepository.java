package org.antevid.app.briefing.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface ReadBackTryRepository extends JpaRepository<ReadBackTryEntity, String> {
    List<ReadBackTryEntity> findByBriefingId(String briefingId);

    int countByBriefingIdAndPersonId(String briefingId, String personId);
}
