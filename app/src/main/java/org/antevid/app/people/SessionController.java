package org.antevid.app.people;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.Locale;
import java.util.Optional;
import org.antevid.app.problem.NotSignedIn;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/session")
class SessionController {
    record Credentials(@NotBlank @Size(max = 80) String name, @NotBlank @Size(max = 200) String passphrase) {
    }

    record Session(boolean signedIn, Optional<String> personId, Optional<String> name, Optional<Office> office) {
        static Session of(SignedIn p) {
            return new Session(true, Optional.of(p.personId()), Optional.of(p.name()), Optional.of(p.office()));
        }
    }

    private final People people;
    private final SignIn signIn;
    private final Throttle throttle;

    SessionController(People people, SignIn signIn, Throttle throttle) {
        this.people = people;
        this.signIn = signIn;
        this.throttle = throttle;
    }

    /** Who is signed in; also hands out the token that writes need. */
    @GetMapping
    Session session(@AuthenticationPrincipal SignedIn me, @Parameter(hidden = true) CsrfToken token) {
        token.getToken();
        return me == null ? new Session(false, Optional.empty(), Optional.empty(), Optional.empty()) : Session.of(me);
    }

    @PostMapping
    Session signIn(@Validated @RequestBody Credentials c, HttpServletRequest request, HttpServletResponse response) {
        throttle.take("name:" + c.name.strip().toLowerCase(Locale.ROOT));
        throttle.take("address:" + request.getRemoteAddr());
        SignedIn person = people.byPassphrase(c.name, c.passphrase).orElseThrow(() -> new NotSignedIn("Name and passphrase do not fit."));
        signIn.establish(person, request, response);
        return Session.of(person);
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
    }
}
