package org.antevid.app.logbook.store;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;

public interface FallLineRepository extends JpaRepository<FallLineEntity, String> {
    @Query("select e from FallLineEntity e order by e.felledAt desc")
    List<FallLineEntity> findAllByOrderByFelledAtDesc();

    @Query("select e from FallLineEntity e where e.jobId = :jobId")
    List<FallLineEntity> findByJobId(String jobId);

    @Query("select e from FallLineEntity e where e.sawyerId = :sawyerId order by e.felledAt desc")
    List<FallLineEntity> findBySawyerIdOrderByFelledAtDesc(String sawyerId);

    @Query("select new org.antevid.app.logbook.store.EndedFalls(l.wood, l.control, count(l)) from FallLineEntity l "
            + "where l.wood is not null and l.control is not null and l.felledAt < :before "
            + "group by l.wood, l.control")
    List<EndedFalls> ended(@Param("before") Instant before);

    void deleteByJobId(String jobId);
}
