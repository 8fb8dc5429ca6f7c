package org.antevid.app.shell;

import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.http.CacheControl;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Serves the screens, limits what may be sent, and writes the description of the interface. */
@Configuration
class Shell implements WebMvcConfigurer {
    private static final long MOST_BYTES = 1_000_000;
    private static final long MOST_FILE_BYTES = 13_000_000;

    /** Addresses of the screens all answer with the one page. */
    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (String path : new String[] {"/", "/sign-in", "/join", "/join/{code}", "/jobs/{job}", "/jobs/{job}/{stage}", "/jobs/{job}/hand-over/{stem}", "/crew/{job}", "/crew/{job}/{page}", "/sums",
            "/logbook", "/drills", "/house"}) {
            registry.addViewController(path).setViewName("forward:/index.html");
        }
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**").addResourceLocations("classpath:/static/assets/")
            .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
    }

    /** An empty Optional is left out; a null inside a map stays, because the sums say "not known" with it. */
    @Bean
    Jackson2ObjectMapperBuilderCustomizer leaveOutAbsent() {
        return b -> b.postConfigurer(m -> m.setDefaultPropertyInclusion(
            JsonInclude.Value.construct(JsonInclude.Include.NON_ABSENT, JsonInclude.Include.ALWAYS)));
    }

    @Bean
    FilterRegistrationBean<OncePerRequestFilter> bodyLimit() {
        FilterRegistrationBean<OncePerRequestFilter> f = new FilterRegistrationBean<>(new OncePerRequestFilter() {
            @Override
            protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
                boolean file = request.getContentType() != null && request.getContentType().startsWith("multipart/form-data");
                if (request.getContentLengthLong() > (file ? MOST_FILE_BYTES : MOST_BYTES)) {
                    response.setStatus(413);
                    response.setContentType("application/problem+json");
                    response.getWriter().write("{\"status\":413,\"ok\":false,\"errors\":[],\"detail\":\"More than " + (file ? "12" : "1") + " MB was sent; send less. Nothing was changed.\"}");
                    return;
                }
                chain.doFilter(request, response);
            }
        });
        f.setOrder(Ordered.HIGHEST_PRECEDENCE);
        return f;
    }
}
