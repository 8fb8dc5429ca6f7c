package org.antevid.app.people.web;

import static org.antevid.app.reader.Given.or;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.app.people.Fresh;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignIns;
import org.antevid.app.people.SignedIn;
import org.antevid.app.people.Way;
import org.antevid.app.problem.NotAllowed;
import org.antevid.core.crew.Competence;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.words.Answer;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/people")
public class PeopleController {
    /**
     * @param firstWord for the owner alone, until it is used
     * @param signedInAt in how many places, for the owner alone
     * @param proofs each competence with until when its proof is good, how thick a cut it allows, who confirmed it
     */
    public record PersonEntry(
            String id,
            String name,
            Office office,
            List<Competence> competences,
            List<ProofView> proofs,
            boolean pinSet,
            Optional<String> firstWord,
            int signedInAt,
            long version) {}

    /** @param confirmedBy who wrote it down, and so has seen the proof */
    public record ProofView(
            Competence competence,
            Optional<LocalDate> validTo,
            @Shown(in = Dimension.DIAMETER, to = Side.DOWN) Optional<Double> maxDiameterM,
            boolean trainee,
            String proof,
            Optional<String> confirmedBy,
            Optional<Instant> confirmedAt) {}

    /** A competence with its proof; what is left out is not known. */
    record HeldRequest(
            @NotNull Competence competence,
            Optional<LocalDate> validTo,
            Optional<Double> maxDiameterM,
            boolean trainee,
            @Size(max = 200) String proof) {
        private People.Held held() {
            return new People.Held(competence, or(validTo), or(maxDiameterM), trainee, proof == null ? "" : proof);
        }
    }

    record CompetencesRequest(
            @NotNull @Size(max = 20) List<@NotNull @Valid HeldRequest> held,
            @NotNull Long version) {}

    record NewPersonRequest(
            @NotBlank @Size(max = 80) String name,
            @NotNull Office office,
            @Size(max = 1000) String passphrase,
            @NotNull Set<@NotNull Competence> competences) {}

    record NewPassphraseRequest(@NotBlank @Size(max = 1000) String passphrase) {}

    private final People people;
    private final SignIns signIns;
    private final Fresh fresh;

    PeopleController(People people, SignIns signIns, Fresh fresh) {
        this.people = people;
        this.signIns = signIns;
        this.fresh = fresh;
    }

    /** Everybody with office and competences. */
    @GetMapping
    List<PersonEntry> all(@AuthenticationPrincipal SignedIn me) {
        if (me.office() == Office.CREW || me.way() == Way.PIN) {
            throw new NotAllowed(Message.of(Answer.WHO_SEES_PEOPLE));
        }
        return people.all(me.office() == Office.OWNER);
    }

    /** Adds somebody; all but crew need a passphrase. */
    @PostMapping
    PersonEntry add(@Validated @RequestBody NewPersonRequest p, @AuthenticationPrincipal SignedIn me) {
        owner(me);
        boolean signsIn = p.office != Office.CREW;
        if (signsIn && p.passphrase == null) {
            throw new RefusedInput("MISSING", "passphrase", Message.of(Answer.PASSPHRASE_NEEDED));
        }
        var added = people.add(p.name, p.office, signsIn ? Optional.of(p.passphrase) : Optional.empty(), p.competences);
        return people.all(true).stream()
                .filter(e -> e.id.equals(added.id()))
                .findFirst()
                .orElseThrow();
    }

    /** What somebody is competent for, with the proofs; whoever writes it down confirms that they have seen them. */
    @PutMapping("/{id}/competences")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void competent(
            @PathVariable String id,
            @Validated @RequestBody CompetencesRequest c,
            @AuthenticationPrincipal SignedIn me) {
        owner(me);
        people.competent(id, c.held.stream().map(HeldRequest::held).toList(), me, c.version);
    }

    /** Sets somebody's passphrase anew. */
    @PutMapping("/{id}/passphrase")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void passphrase(
            @PathVariable String id,
            @Validated @RequestBody NewPassphraseRequest p,
            @AuthenticationPrincipal SignedIn me) {
        owner(me);
        if (people.office(id) == Office.CREW) {
            throw new RefusedInput("BAD_CHOICE", "passphrase", Message.of(Answer.CREW_BY_PIN));
        }
        people.passphrase(id, p.passphrase, me);
    }

    /** Clears somebody's PIN. */
    @PostMapping("/{id}/pin-reset")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void resetPin(@PathVariable String id, @AuthenticationPrincipal SignedIn me) {
        owner(me);
        people.resetPin(id, me);
    }

    /** Where this person is signed in. */
    @GetMapping("/{id}/places")
    List<SignIns.SignInPlace> places(@PathVariable String id, @AuthenticationPrincipal SignedIn me) {
        ownerOnly(me);
        return signIns.of(id);
    }

    /** A phone was lost: everything the person has open is ended. */
    @DeleteMapping("/{id}/places")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endAll(@PathVariable String id, @AuthenticationPrincipal SignedIn me) {
        ownerOnly(me);
        signIns.endAll(id, s -> true, me.name());
    }

    private void owner(SignedIn me) {
        ownerOnly(me);
        fresh.require(me);
    }

    private static void ownerOnly(SignedIn me) {
        if (me.office() != Office.OWNER || me.way() != Way.PASSPHRASE) {
            throw new NotAllowed(Message.of(Answer.OWNER_CHANGES_PEOPLE));
        }
    }
}
