package org.antevid.app.people;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.words.Language;
import org.antevid.words.Manner;
import org.antevid.words.Units;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;

@Entity
@Audited
@Table(name = "person")
class PersonRecord {
    @Id
    String id;

    String name;

    @Enumerated(EnumType.STRING)
    Office office;

    @Nullable
    String passphraseHash;

    @NotAudited
    @Nullable
    String pinHash;
    /** Kept in clear until it is used: it is read out to the person beside whom it stands. */
    @NotAudited
    @Nullable
    String firstWord;

    String pinResetBy;
    Instant pinResetAt;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "person_competence")
    @Column(name = "competence")
    @Enumerated(EnumType.STRING)
    Set<Competence> competences = EnumSet.noneOf(Competence.class);

    @NotAudited
    @Enumerated(EnumType.STRING)
    Language language = Language.ENGLISH;

    @NotAudited
    @Enumerated(EnumType.STRING)
    Units units = Units.METRIC;

    @Version
    long version;

    Manner manner() {
        return new Manner(language, units);
    }

    Person forRules() {
        return new Person(id, name, competences);
    }
}

interface PersonRepository extends JpaRepository<PersonRecord, String> {
    List<PersonRecord> findAllByOrderByName();

    List<PersonRecord> findByOffice(Office office);
}
