package org.antevid.app.people.store;

import java.util.List;
import org.antevid.app.people.Office;
import org.springframework.data.jpa.repository.JpaRepository;

public interface PersonRepository extends JpaRepository<PersonEntity, String> {
    List<PersonEntity> findAllByOrderByName();

    List<PersonEntity> findByOffice(Office office);
}
