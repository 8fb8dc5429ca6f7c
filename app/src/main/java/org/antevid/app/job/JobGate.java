package org.antevid.app.job;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotAllowed;
import org.antevid.app.problem.NotThere;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.words.Answer;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Lets nobody through to a job they are not on, and nobody beyond their part on it. */
@Configuration
class JobGate implements WebMvcConfigurer, HandlerInterceptor {
    private final Jobs jobs;
    private final Deputies deputies;
    private final WrittenOnce once;

    JobGate(Jobs jobs, Deputies deputies, WrittenOnce once) {
        this.deputies = deputies;
        this.jobs = jobs;
        this.once = once;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/jobs/*", "/api/jobs/*/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws IOException {
        if (!(handler instanceof HandlerMethod method)) {
            return true;
        }
        Needs needs = method.getMethodAnnotation(Needs.class);
        if (needs == null && "OPTIONS".equals(request.getMethod())) {
            return true;
        }
        if (needs == null) {
            throw new IllegalStateException("no right is named for " + method);
        }
        Authentication a = SecurityContextHolder.getContext().getAuthentication();
        if (a == null || !(a.getPrincipal() instanceof SignedIn me)) {
            throw new NotThere();
        }
        Part part = Optional.of(jobId(request))
                .filter(me::mayEnter)
                .flatMap(j -> jobs.part(j, me))
                .orElseThrow(NotThere::new);
        boolean allowed =
                switch (needs.value()) {
                    case READ -> true;
                    case WORK -> part != Part.REVIEWER;
                    case LEAD -> part == Part.LEADER;
                    case STEER -> part == Part.LEADER || deputies.is(jobId(request), me.personId());
                    case REVIEW -> part == Part.REVIEWER;
                    case JUDGE -> part != Part.CREW;
                };
        if (!allowed) {
            throw new NotAllowed(Message.of(
                    switch (needs.value()) {
                        case LEAD -> Answer.LEADER_ONLY;
                        case STEER -> Answer.LEADER_OR_DEPUTY;
                        case REVIEW -> Answer.REVIEWER_ONLY;
                        default -> Answer.NOT_YOUR_PART;
                    }));
        }
        boolean changes = !"GET".equals(request.getMethod())
                && (needs.value() == Needs.Right.LEAD
                        || needs.value() == Needs.Right.STEER
                        || needs.value() == Needs.Right.WORK);
        if (changes && jobs.job(jobId(request)).closed()) {
            throw new RefusedInput("CLOSED", "job", Message.of(Answer.JOB_CLOSED));
        }
        return !once.answered(jobId(request), me.personId(), request, response);
    }

    @SuppressWarnings("unchecked")
    private static String jobId(HttpServletRequest request) {
        Map<String, String> path =
                (Map<String, String>) request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        return Require.present(path, "job");
    }
}
