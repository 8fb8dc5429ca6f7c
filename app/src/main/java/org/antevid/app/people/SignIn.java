package org.antevid.app.people;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.DeferredSecurityContext;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;
import org.springframework.web.util.WebUtils;

/** Knows a browser by its cookie; there is no session beside it. */
@Component
public class SignIn implements SecurityContextRepository {
    private static final String COOKIE = "ANTEVID";
    private static final int LONGEST_DEVICE = 300;
    private final SignIns signIns;

    SignIn(SignIns signIns) {
        this.signIns = signIns;
    }

    /** Puts a person behind the browser. What it was signed in as before is ended. */
    public void establish(SignedIn person, HttpServletRequest request, HttpServletResponse response) {
        current(request).ifPresent(was -> signIns.end(was.personId(), was.signInId(), was.name()));
        String device =
                Optional.ofNullable(request.getHeader(HttpHeaders.USER_AGENT)).orElse("");
        String token = signIns.open(
                person.personId(),
                person.way(),
                person.onlyJob(),
                String.valueOf(request.getRemoteAddr()),
                device.substring(0, Math.min(device.length(), LONGEST_DEVICE)));
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(COOKIE, token)
                        .httpOnly(true)
                        .sameSite("Lax")
                        .path("/")
                        .maxAge(SignIns.LASTS)
                        .build()
                        .toString());
    }

    public void leave(HttpServletRequest request, HttpServletResponse response) {
        current(request).ifPresent(was -> signIns.end(was.personId(), was.signInId(), was.name()));
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(COOKIE, "")
                        .httpOnly(true)
                        .sameSite("Lax")
                        .path("/")
                        .maxAge(0)
                        .build()
                        .toString());
    }

    private Optional<SignedIn> current(HttpServletRequest request) {
        return Optional.ofNullable(WebUtils.getCookie(request, COOKIE))
                .map(Cookie::getValue)
                .filter(v -> !v.isEmpty())
                .flatMap(signIns::by);
    }

    private SecurityContext context(HttpServletRequest request) {
        return current(request)
                .<SecurityContext>map(p -> new SecurityContextImpl(new UsernamePasswordAuthenticationToken(
                        p, null, List.of(new SimpleGrantedAuthority("ROLE_" + p.office())))))
                .orElseGet(SecurityContextHolder::createEmptyContext);
    }

    @Override
    public DeferredSecurityContext loadDeferredContext(HttpServletRequest request) {
        return new DeferredSecurityContext() {
            private @Nullable SecurityContext loaded;

            @Override
            public SecurityContext get() {
                if (loaded == null) {
                    loaded = context(request);
                }
                return loaded;
            }

            @Override
            public boolean isGenerated() {
                return get().getAuthentication() == null;
            }
        };
    }

    /** @deprecated by the interface; asked by nobody here */
    @Override
    @Deprecated
    @SuppressWarnings("deprecation")
    public SecurityContext loadContext(HttpRequestResponseHolder holder) {
        return context(holder.getRequest());
    }

    @Override
    public void saveContext(SecurityContext context, HttpServletRequest request, HttpServletResponse response) {
        // signing in and out is done by name, above
    }

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return current(request).isPresent();
    }
}
