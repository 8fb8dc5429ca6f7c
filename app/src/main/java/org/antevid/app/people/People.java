package org.antevid.app.people;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.antevid.app.people.store.PersonEntity;
import org.antevid.app.people.store.PersonRepository;
import org.antevid.app.people.store.ProofPart;
import org.antevid.app.people.web.PeopleController;
import org.antevid.app.problem.NotSignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.trace.Trail;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.words.Answer;
import org.antevid.words.Manner;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of the company, and what each proves themselves with. */
@Service
@Transactional
public class People {
    private final PersonRepository people;
    private final PasswordEncoder encoder;
    private final SignIns signIns;
    private final Trail trail;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    People(
            PersonRepository people,
            PasswordEncoder encoder,
            SignIns signIns,
            Trail trail,
            ApplicationEventPublisher events,
            Clock clock) {
        this.clock = clock;
        this.trail = trail;
        this.people = people;
        this.encoder = encoder;
        this.signIns = signIns;
        this.events = events;
    }

    /** How a person's PIN stands: set or not, the word it can be set with, who took the last one away. */
    public record PinState(
            boolean set, Optional<String> firstWord, Optional<String> resetBy, Optional<Instant> resetAt) {}

    /** Adds a person; the passphrase is empty for crew who join by code and PIN. */
    public Person add(String name, Office office, Optional<String> passphrase, Set<Competence> competences) {
        String clean = Require.text(name, 80, "name");
        likeAnother(clean).ifPresent(other -> {
            throw new RefusedInput(
                    "DUPLICATE", "name", Message.of(Answer.LIKE_ANOTHER).with("who", Arg.name(other)));
        });
        PersonEntity p = new PersonEntity();
        p.id = UUID.randomUUID().toString();
        p.name = clean;
        p.office = office;
        p.passphraseHash = passphrase
                .map(w -> encoder.encode(Secrets.passphrase(w, clean)))
                .orElse(null);
        p.firstWord = office == Office.CREW ? Secrets.firstWord() : null;
        p.competences.addAll(competences);
        PersonEntity saved = people.save(p);
        events.publishEvent(new PeopleChanged());
        return saved.forRules();
    }

    private Optional<String> likeAnother(String name) {
        return byName(name).map(p -> p.name);
    }

    /** One person, however the name is typed. */
    private Optional<PersonEntity> byName(String name) {
        String folded = Names.folded(name);
        return people.findAllByOrderByName().stream()
                .filter(p -> Names.folded(p.name).equals(folded))
                .findFirst();
    }

    /** @return the person when the passphrase fits; takes the same time when there is no such person */
    public Optional<SignedIn> byPassphrase(String name, String passphrase) {
        Optional<PersonEntity> p = byName(name).filter(r -> r.passphraseHash != null);
        boolean fits = encoder.matches(passphrase, p.map(r -> r.passphraseHash).orElse(WholePassphrase.NOBODYS));
        return p.filter(r -> fits).map(r -> signed(r, "", Way.PASSPHRASE));
    }

    private static SignedIn signed(PersonEntity r, String onlyJob, Way way) {
        return new SignedIn(r.id, r.name, r.office, "", onlyJob, way, r.manner());
    }

    /** @return the person as if signed in by passphrase, for what the application does in their name */
    public SignedIn signed(String personId) {
        return signed(record(personId), "", Way.PASSPHRASE);
    }

    /** @return the person as one who joins this job and no other */
    public SignedIn joining(String personId, String jobId) {
        return signed(record(personId), jobId, Way.PIN);
    }

    public Person person(String personId) {
        return record(personId).forRules();
    }

    private PersonEntity record(String personId) {
        return people.findById(personId).orElseThrow(NotThere::new);
    }

    public List<Person> persons(Collection<String> ids) {
        return people.findAllById(ids).stream().map(PersonEntity::forRules).toList();
    }

    /** @return the person of that name, if there is one */
    public Optional<Person> named(String name) {
        return byName(name).map(PersonEntity::forRules);
    }

    public Office office(String personId) {
        return record(personId).office;
    }

    public List<String> reviewers() {
        return people.findByOffice(Office.REVIEWER).stream().map(p -> p.id).toList();
    }

    /** @return everybody with this competence, for the choice of a second opinion */
    public List<Person> withCompetence(Competence competence) {
        return people.findAllByOrderByName().stream()
                .filter(p -> p.competences.contains(competence))
                .map(PersonEntity::forRules)
                .toList();
    }

    public List<PeopleController.PersonEntry> all(boolean withWords) {
        return people.findAllByOrderByName().stream()
                .map(p -> new PeopleController.PersonEntry(
                        p.id,
                        p.name,
                        p.office,
                        p.competences.stream().sorted().toList(),
                        proven(p),
                        p.pinHash != null,
                        Optional.ofNullable(p.firstWord).filter(w -> withWords),
                        withWords ? signIns.of(p.id).size() : 0,
                        p.version))
                .toList();
    }

    /** A competence with its proof, as the owner writes it down; what is not known is empty. */
    public record Held(
            Competence competence,
            Optional<LocalDate> validTo,
            Optional<Double> maxDiameterM,
            boolean trainee,
            String proof) {}

    /** What somebody is competent for from now on, all of it; whoever writes a proof down has seen it. */
    public void competent(String personId, List<Held> all, SignedIn by, Long version) {
        PersonEntity p = record(personId);
        trail.requireFresh(p, p.id, p.version, version, p.name);
        Set<Competence> held = EnumSet.noneOf(Competence.class);
        List<ProofPart> proofs = new ArrayList<>();
        for (Held h : all) {
            if (!held.add(h.competence)) {
                throw new RefusedInput("DUPLICATE", "competences", Message.of(Answer.ONE_PROOF_EACH));
            }
            if (h.validTo.isPresent() || h.maxDiameterM.isPresent() || h.trainee || !h.proof.isBlank()) {
                proofs.add(proof(p, h, by));
            }
        }
        p.competences.clear();
        p.competences.addAll(held);
        p.proofs.clear();
        p.proofs.addAll(proofs);
        people.saveAndFlush(p);
        events.publishEvent(new PeopleChanged());
    }

    public long version(String personId) {
        return record(personId).version;
    }

    private static ProofPart proof(PersonEntity p, Held h, SignedIn by) {
        h.maxDiameterM.ifPresent(d -> Require.within(d, 0.03, 5, "maxDiameterM"));
        ProofPart now = new ProofPart();
        now.competence = h.competence;
        now.validTo = h.validTo.orElse(null);
        now.maxDiameterM = h.maxDiameterM.orElse(null);
        now.trainee = h.trainee;
        now.proof = h.proof.strip();
        Optional<ProofPart> same = p.proofs.stream().filter(now::says).findFirst();
        now.confirmedBy = same.map(s -> s.confirmedBy).orElse(by.name());
        now.confirmedAt = same.map(s -> s.confirmedAt).orElseGet(Instant::now);
        return now;
    }

    private static List<PeopleController.ProofView> proven(PersonEntity p) {
        return p.competences.stream()
                .sorted()
                .map(c -> p.proofs.stream()
                        .filter(x -> x.competence == c)
                        .findFirst()
                        .map(x -> new PeopleController.ProofView(
                                c,
                                Optional.ofNullable(x.validTo),
                                Optional.ofNullable(x.maxDiameterM),
                                x.trainee,
                                x.proof,
                                Optional.of(x.confirmedBy),
                                Optional.of(x.confirmedAt)))
                        .orElseGet(() -> new PeopleController.ProofView(
                                c, Optional.empty(), Optional.empty(), false, "", Optional.empty(), Optional.empty())))
                .toList();
    }

    /** @return everybody who works on jobs, with what they can do */
    public List<Person> workers() {
        return people.findAllByOrderByName().stream()
                .filter(p -> p.office == Office.CREW || p.office == Office.LEADER)
                .map(PersonEntity::forRules)
                .toList();
    }

    public PinState pin(String personId) {
        PersonEntity p = record(personId);
        return new PinState(
                p.pinHash != null,
                Optional.ofNullable(p.firstWord),
                Optional.ofNullable(p.pinResetBy),
                Optional.ofNullable(p.pinResetAt));
    }

    public boolean pinFits(String personId, String pin) {
        String hash = people.findById(personId).map(p -> p.pinHash).orElse(null);
        boolean fits = encoder.matches(pin, hash == null ? WholePassphrase.NOBODYS : hash);
        return hash != null && fits;
    }

    public boolean passphraseFits(String personId, String passphrase) {
        String hash = people.findById(personId).map(p -> p.passphraseHash).orElse(null);
        boolean fits = encoder.matches(passphrase, hash == null ? WholePassphrase.NOBODYS : hash);
        return hash != null && fits;
    }

    /**
     * The first PIN, set with the word that was handed over; the word is spent with it.
     *
     * @throws RefusedInput when the word is missing or the PIN is none
     * @throws NotSignedIn when the word does not fit
     */
    public void firstPin(String personId, String word, String pin) {
        PersonEntity p = record(personId);
        if (word == null || word.isBlank()) {
            throw new RefusedInput("MISSING", "word", Message.of(Answer.WORD_NEEDED));
        }
        String good = Secrets.pin(pin);
        if (!Secrets.sameWord(word, p.firstWord)) {
            throw new NotSignedIn(Message.of(Answer.WORD));
        }
        p.pinHash = encoder.encode(good);
        p.firstWord = null;
        people.saveAndFlush(p);
    }

    /** One's own PIN, proved by the passphrase. */
    public void ownPin(SignedIn me, String passphrase, String pin) {
        PersonEntity p = record(me.personId());
        if (!passphraseFits(me.personId(), passphrase)) {
            throw new NotSignedIn(Message.of(Answer.PASSPHRASE));
        }
        p.pinHash = encoder.encode(Secrets.pin(pin));
        p.firstWord = null;
        people.saveAndFlush(p);
    }

    /** Language and units the person reads in, wherever they are signed in. */
    public void reads(SignedIn me, Manner manner) {
        PersonEntity p = record(me.personId());
        p.language = manner.language();
        p.units = manner.units();
        people.saveAndFlush(p);
        signIns.forget(me.personId());
    }

    /**
     * Takes the PIN away; a new word is there to be handed over, and phones that joined with the old one are signed
     * out.
     */
    public void resetPin(String personId, SignedIn by) {
        PersonEntity p = record(personId);
        p.pinHash = null;
        p.firstWord = Secrets.firstWord();
        p.pinResetBy = by.name();
        p.pinResetAt = clock.instant();
        people.saveAndFlush(p);
        signIns.endAll(personId, s -> s.way() == Way.PIN, by.name());
    }

    /** A new passphrase ends every other sign-in. */
    public void passphrase(String personId, String passphrase, SignedIn by) {
        PersonEntity p = record(personId);
        p.passphraseHash = encoder.encode(Secrets.passphrase(passphrase, p.name));
        people.saveAndFlush(p);
        signIns.endAll(personId, s -> !s.id().equals(by.signInId()), by.name());
    }

    public boolean nobodyYet() {
        return people.count() == 0;
    }
}
