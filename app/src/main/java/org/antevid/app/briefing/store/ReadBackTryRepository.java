package org.antevid.app.briefing.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface ReadBackTryRepository extends JpaRepository<ReadBackTryEntity, String> {
    @Query("select e from ReadBackTryEntity e where e.briefingId = :briefingId")
    List<ReadBackTryEntity> findByBriefingId(String briefingId);

    @Query("select count(e) from ReadBackTryEntity e where e.briefingId = :briefingId and e.personId = :personId")
    int countByBriefingIdAndPersonId(String briefingId, String personId);
}
