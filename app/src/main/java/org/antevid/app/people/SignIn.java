package org.antevid.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.stereotype.Component;

/** Puts a person behind the session, with a new session id. */
@Component
public class SignIn {
    private final HttpSessionSecurityContextRepository contexts = new HttpSessionSecurityContextRepository();

    public void establish(SignedIn person, HttpServletRequest request, HttpServletResponse response) {
        request.getSession(true);
        request.changeSessionId();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(new UsernamePasswordAuthenticationToken(person, null,
            List.of(new SimpleGrantedAuthority("ROLE_" + person.office()))));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }
}
