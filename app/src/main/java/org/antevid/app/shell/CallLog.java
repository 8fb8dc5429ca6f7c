package org.antevid.app.shell;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.antevid.app.people.SignedIn;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * What was refused, failed or slow, with job and person by id: written to the log in the data folder. Nobody's words,
 * names, PINs or passphrases stand in it.
 */
@Component
class CallLog implements HandlerInterceptor, WebMvcConfigurer {
    private static final Logger LOG = LoggerFactory.getLogger("antevid.calls");
    private static final long SLOW_MS = 1000;
    private static final String BEGUN = CallLog.class.getName();

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**").order(Ordered.HIGHEST_PRECEDENCE);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        request.setAttribute(BEGUN, System.nanoTime());
        return true;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception e) {
        long ms = request.getAttribute(BEGUN) instanceof Long begun ? (System.nanoTime() - begun) / 1_000_000 : 0;
        int status = response.getStatus();
        String what = status >= 500 || e != null ? "failed" : status >= 400 ? "refused" : ms >= SLOW_MS ? "slow" : "";
        // a stream stays open on purpose
        if (!what.isEmpty() && !request.isAsyncStarted()) {
            LOG.warn(
                    "{} {} {} {}, {} ms, job {}, person {}",
                    what,
                    status,
                    request.getMethod(),
                    request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE),
                    ms,
                    job(request),
                    person());
        }
    }

    private static String job(HttpServletRequest request) {
        return request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> path
                        && path.get("job") instanceof String id
                ? id
                : "-";
    }

    private static String person() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getPrincipal() instanceof SignedIn me ? me.personId() : "-";
    }
}
