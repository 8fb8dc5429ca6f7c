package org.antevid.app.people.store;

import java.util.List;
import org.antevid.app.people.Office;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface PersonRepository extends JpaRepository<PersonEntity, String> {
    @Query("select e from PersonEntity e order by e.name")
    List<PersonEntity> findAllByOrderByName();

    @Query("select e from PersonEntity e where e.office = :office")
    List<PersonEntity> findByOffice(Office office);
}
