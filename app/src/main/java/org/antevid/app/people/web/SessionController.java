package org.antevid.app.people.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.antevid.app.people.Names;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignIn;
import org.antevid.app.people.SignIns;
import org.antevid.app.people.SignedIn;
import org.antevid.app.people.Throttle;
import org.antevid.app.people.Way;
import org.antevid.app.problem.NotSignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.core.message.Message;
import org.antevid.words.Answer;
import org.antevid.words.Language;
import org.antevid.words.Manner;
import org.antevid.words.Regional;
import org.antevid.words.Units;
import org.antevid.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
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
@RequestMapping("/api/session")
public class SessionController {
    private static final int LONGEST = 1000;

    record Credentials(
            @NotBlank @Size(max = 80) String name,
            @NotBlank @Size(max = LONGEST) String passphrase) {}

    record Session(
            boolean signedIn,
            Optional<String> personId,
            Optional<String> name,
            Optional<Office> office,
            Optional<Way> way,
            Optional<String> onlyJob,
            Optional<Language> language,
            Optional<Units> units,
            List<Regional.Exchange> regional,
            boolean pinSet) {}

    /** How the person reads from now on, wherever they are signed in. */
    record MannerRequest(
            @NotNull Language language, @NotNull Units units) {}

    record AgainRequest(@NotBlank @Size(max = LONGEST) String secret) {}

    record OwnPinRequest(
            @NotBlank @Size(max = LONGEST) String passphrase,
            @NotBlank @Size(max = 8) String pin) {}

    record OwnPassphraseRequest(
            @NotBlank @Size(max = LONGEST) String old,
            @NotBlank @Size(max = LONGEST) String passphrase) {}

    record SignInView(
            String id, Way way, Instant madeAt, Instant seenAt, String address, String device, boolean here) {}

    private final People people;
    private final SignIn signIn;
    private final SignIns signIns;
    private final Throttle throttle;

    SessionController(People people, SignIn signIn, SignIns signIns, Throttle throttle) {
        this.people = people;
        this.signIn = signIn;
        this.signIns = signIns;
        this.throttle = throttle;
    }

    /** Who is signed in; also hands out the token that writes need. */
    @GetMapping
    Session session(@AuthenticationPrincipal SignedIn me, CsrfToken token) {
        token.getToken();
        return me == null
                ? new Session(
                        false,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Words.exchanges(Language.ENGLISH, Speech.ofTheHouse()),
                        false)
                : view(me);
    }

    private Session view(SignedIn p) {
        return new Session(
                true,
                Optional.of(p.personId()),
                Optional.of(p.name()),
                Optional.of(p.office()),
                Optional.of(p.way()),
                Optional.of(p.onlyJob()).filter(j -> !j.isEmpty()),
                Optional.of(p.manner().language()),
                Optional.of(p.manner().units()),
                Words.exchanges(p.manner().language(), Speech.ofTheHouse()),
                people.pin(p.personId()).set());
    }

    /** Signs in with name and passphrase. */
    @PostMapping
    Session signIn(@Validated @RequestBody Credentials c, HttpServletRequest request, HttpServletResponse response) {
        Throttle.Try attempt = throttle.begin(request.getRemoteAddr(), Names.folded(c.name));
        SignedIn person = people.byPassphrase(c.name, c.passphrase)
                .orElseThrow(() -> new NotSignedIn(Message.of(Answer.NAME_PASSPHRASE)));
        attempt.right();
        signIn.establish(person, request, response);
        return view(person);
    }

    /** Signs this person out. */
    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request, HttpServletResponse response) {
        signIn.leave(request, response);
    }

    /** Proves again who one is, by passphrase or PIN: asked before a go, house rules and people. */
    @PostMapping("/again")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void again(
            @Validated @RequestBody AgainRequest a, @AuthenticationPrincipal SignedIn me, HttpServletRequest request) {
        SignedIn who = signedIn(me);
        Throttle.Try attempt = throttle.begin(request.getRemoteAddr(), "again " + who.personId());
        if (!people.pinFits(who.personId(), a.secret) && !people.passphraseFits(who.personId(), a.secret)) {
            throw new NotSignedIn(Message.of(Answer.NEITHER));
        }
        attempt.right();
        signIns.proven(who);
    }

    /** A leader who cuts signs with a PIN too; the passphrase proves that it is theirs. */
    @PutMapping("/pin")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void pin(
            @Validated @RequestBody OwnPinRequest p, @AuthenticationPrincipal SignedIn me, HttpServletRequest request) {
        SignedIn who = signedIn(me);
        Throttle.Try attempt = throttle.begin(request.getRemoteAddr(), "again " + who.personId());
        people.ownPin(who, p.passphrase, p.pin);
        attempt.right();
    }

    /** Language and units, chosen without signing in anew. */
    @PutMapping("/manner")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void manner(@Validated @RequestBody MannerRequest m, @AuthenticationPrincipal SignedIn me) {
        people.reads(signedIn(me), new Manner(m.language, m.units));
    }

    /** Changes one's own passphrase. */
    @PutMapping("/passphrase")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void passphrase(
            @Validated @RequestBody OwnPassphraseRequest p,
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request) {
        SignedIn who = signedIn(me);
        Throttle.Try attempt = throttle.begin(request.getRemoteAddr(), "again " + who.personId());
        if (!people.passphraseFits(who.personId(), p.old)) {
            throw new NotSignedIn(Message.of(Answer.OLD_PASSPHRASE));
        }
        attempt.right();
        people.passphrase(who.personId(), p.passphrase, who);
    }

    /** Where I am signed in. */
    @GetMapping("/places")
    List<SignInView> places(@AuthenticationPrincipal SignedIn me) {
        SignedIn who = signedIn(me);
        return signIns.of(who.personId()).stream()
                .map(p -> new SignInView(
                        p.id(),
                        p.way(),
                        p.madeAt(),
                        p.seenAt(),
                        p.address(),
                        p.device(),
                        p.id().equals(who.signInId())))
                .toList();
    }

    /** Ends one of this person's other sign-ins. */
    @DeleteMapping("/places/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@PathVariable String id, @AuthenticationPrincipal SignedIn me) {
        SignedIn who = signedIn(me);
        signIns.end(who.personId(), id, who.name());
    }

    private static SignedIn signedIn(SignedIn me) {
        if (me == null) {
            throw new NotSignedIn(Message.of(Answer.SIGN_IN));
        }
        return me;
    }
}
