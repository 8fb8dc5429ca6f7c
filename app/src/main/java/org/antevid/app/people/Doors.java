package org.antevid.app.people;

import jakarta.servlet.DispatcherType;
import org.antevid.app.problem.Problems;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;

/** What is open to all: the screens, signing in, the sums. Everything else needs a signed-in person. */
@Configuration
class Doors {
    @Bean
    PasswordEncoder passwordEncoder(@Value("${antevid.hash-rounds}") int rounds) {
        return new WholePassphrase(rounds);
    }

    @Bean
    SecurityFilterChain filterChain(HttpSecurity http, SignIn signIn) throws Exception {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        return http.securityContext(s -> s.securityContextRepository(signIn))
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(c -> c.disable())
                .authorizeHttpRequests(a -> a.dispatcherTypeMatchers(DispatcherType.ERROR, DispatcherType.FORWARD)
                        .permitAll()
                        .requestMatchers(
                                "/api/session",
                                "/api/health",
                                "/api/join",
                                "/api/join/**",
                                "/api/sums",
                                "/api/sums/**",
                                "/api/drills",
                                "/api/drills/**",
                                "/api/openapi/**",
                                "/api/openapi")
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                .csrf(c -> c.csrfTokenRepository(tokens)
                        .csrfTokenRequestHandler(new CsrfTokenRequestAttributeHandler())
                        .ignoringRequestMatchers("/api/sums/**"))
                .exceptionHandling(
                        e -> e.authenticationEntryPoint((q, r, x) -> Problems.write(r, 401, "Please sign in."))
                                .accessDeniedHandler((q, r, x) -> Problems.write(
                                        r, 403, "The page is older than this sign-in; it asks again by itself.")))
                .headers(
                        h -> h.contentSecurityPolicy(
                                p -> p.policyDirectives(
                                        "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' "
                                                + "data: blob:; media-src 'self' data: blob:; worker-src 'self' blob:; frame-ancestors 'none'")))
                .formLogin(f -> f.disable())
                .httpBasic(b -> b.disable())
                .logout(l -> l.disable())
                .build();
    }
}
