package org.antevid.app.logbook.store;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

public interface FallLineRepository extends JpaRepository<FallLineEntity, String> {
    List<FallLineEntity> findAllByOrderByFelledAtDesc();

    List<FallLineEntity> findByJobId(String jobId);

    List<FallLineEntity> findBySawyerIdOrderByFelledAtDesc(String sawyerId);

    @Query("select new org.antevid.app.logbook.store.EndedFalls(l.wood, l.control, count(l)) from FallLineEntity l "
            + "where l.wood is not null and l.control is not null and l.felledAt < :before "
            + "group by l.wood, l.control")
    List<EndedFalls> ended(@Param("before") Instant before);

    void deleteByJobId(String jobId);
}
