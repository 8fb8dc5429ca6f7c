package org.antevid.app.people.store;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.antevid.app.people.Office;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.words.Language;
import org.antevid.words.Manner;
import org.antevid.words.Units;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;
import org.jspecify.annotations.Nullable;

@Entity
@Audited
@Table(name = "person")
public class PersonEntity {
    @Id
    public String id;

    public String name;

    @Enumerated(EnumType.STRING)
    public Office office;

    @Nullable
    public String passphraseHash;

    @NotAudited
    @Nullable
    public String pinHash;
    /** Kept in clear until it is used: it is read out to the person beside whom it stands. */
    @NotAudited
    @Nullable
    public String firstWord;

    public String pinResetBy;
    public Instant pinResetAt;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "person_competence", joinColumns = @JoinColumn(name = "person_id"))
    @Column(name = "competence")
    @Enumerated(EnumType.STRING)
    public Set<Competence> competences = EnumSet.noneOf(Competence.class);

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "person_proof", joinColumns = @JoinColumn(name = "person_id"))
    @OrderColumn(name = "place")
    public List<ProofPart> proofs = new ArrayList<>();

    @NotAudited
    @Enumerated(EnumType.STRING)
    public Language language = Language.ENGLISH;

    @NotAudited
    @Enumerated(EnumType.STRING)
    public Units units = Units.METRIC;

    @Version
    public long version;

    public Manner manner() {
        return new Manner(language, units);
    }

    public Person forRules() {
        return new Person(
                id, name, competences, proofs.stream().map(ProofPart::forCore).toList(), Person.Presence.WHOLE_DAY);
    }
}
