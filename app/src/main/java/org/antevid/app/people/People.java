package org.antevid.app.people;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.antevid.app.problem.NotThere;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of the company. */
@Service
@Transactional
public class People {
    private final PersonRepository people;
    private final PasswordEncoder encoder;
    private final String nobodysHash;

    People(PersonRepository people, PasswordEncoder encoder) {
        this.people = people;
        this.encoder = encoder;
        this.nobodysHash = encoder.encode(UUID.randomUUID().toString());
    }

    /** Adds a person; the passphrase is empty for crew who join by code and PIN. */
    public Person add(String name, Office office, Optional<String> passphrase, Set<Competence> competences) {
        String clean = Require.text(name, 80, "name");
        if (people.findByNameIgnoreCase(clean).isPresent()) {
            throw new RefusedInput("DUPLICATE", "name", "a person of this name exists; add a second name");
        }
        PersonRecord p = new PersonRecord();
        p.id = UUID.randomUUID().toString();
        p.name = clean;
        p.office = office;
        p.passphraseHash = passphrase.map(encoder::encode).orElse(null);
        p.competences.addAll(competences);
        return people.save(p).forRules();
    }

    /** @return the person when the passphrase fits; takes the same time when there is no such person */
    Optional<SignedIn> byPassphrase(String name, String passphrase) {
        Optional<PersonRecord> p = people.findByNameIgnoreCase(name.strip()).filter(r -> r.passphraseHash != null);
        boolean fits = encoder.matches(passphrase, p.map(r -> r.passphraseHash).orElse(nobodysHash));
        return p.filter(r -> fits).map(People::signed);
    }

    private static SignedIn signed(PersonRecord r) {
        return new SignedIn(r.id, r.name, r.office);
    }

    public SignedIn signed(String personId) {
        return people.findById(personId).map(People::signed).orElseThrow(NotThere::new);
    }

    public Person person(String personId) {
        return people.findById(personId).map(PersonRecord::forRules).orElseThrow(NotThere::new);
    }

    public List<Person> persons(Collection<String> ids) {
        return people.findAllById(ids).stream().map(PersonRecord::forRules).toList();
    }

    /** @return the person of that name, if there is one */
    public Optional<Person> named(String name) {
        return people.findByNameIgnoreCase(name.strip()).map(PersonRecord::forRules);
    }

    /** @return everybody with this competence, for the choice of a second opinion */
    public List<Person> withCompetence(Competence competence) {
        return people.findAllByOrderByName().stream().filter(p -> p.competences.contains(competence)).map(PersonRecord::forRules).toList();
    }

    List<PeopleController.PersonEntry> all() {
        return people.findAllByOrderByName().stream()
            .map(p -> new PeopleController.PersonEntry(p.id, p.name, p.office, p.competences.stream().sorted().toList())).toList();
    }

    public boolean nobodyYet() {
        return people.count() == 0;
    }
}
