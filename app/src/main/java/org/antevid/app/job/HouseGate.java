package org.antevid.app.job;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.antevid.app.people.SignedIn;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Writes that are about no job (a new job, kit, people) are done once too. */
@Configuration
class HouseGate implements WebMvcConfigurer, HandlerInterceptor {
    private final WrittenOnce once;

    HouseGate(WrittenOnce once) {
        this.once = once;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/jobs", "/api/people", "/api/house/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws IOException {
        Authentication a = SecurityContextHolder.getContext().getAuthentication();
        return !(a != null
                && a.getPrincipal() instanceof SignedIn me
                && once.answered(WrittenOnce.HOUSE, me.personId(), request, response));
    }
}
