package org.antevid.app.shell;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.oas.models.media.Schema;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Map;
import java.util.Optional;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
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
    private static final String OPTIONAL = "x-optional";

    /** Addresses of the screens all answer with the one page. */
    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (String path : new String[] {"/", "/sign-in", "/join", "/join/{code}", "/jobs/{job}", "/jobs/{job}/{stage}", "/crew/{job}", "/crew/{job}/{page}", "/sums",
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
                if (request.getContentLengthLong() > MOST_BYTES) {
                    response.setStatus(413);
                    response.setContentType("application/problem+json");
                    response.getWriter().write("{\"status\":413,\"ok\":false,\"errors\":[],\"detail\":\"More than 1 MB was sent; send less.\"}");
                    return;
                }
                chain.doFilter(request, response);
            }
        });
        f.setOrder(Ordered.HIGHEST_PRECEDENCE);
        return f;
    }

    @Bean
    PropertyCustomizer markOptional() {
        return (schema, type) -> {
            if (isOptional(type)) {
                schema.addExtension(OPTIONAL, true);
            }
            return schema;
        };
    }

    private static boolean isOptional(AnnotatedType type) {
        return type.getType() != null && type.getType().getTypeName().contains(Optional.class.getName());
    }

    /** Every property is there unless it is an Optional; requests keep what validation says. */
    @Bean
    OpenApiCustomizer requireTheRest() {
        return api -> {
            api.setServers(null);
            if (api.getComponents() == null || api.getComponents().getSchemas() == null) {
                return;
            }
            for (Map.Entry<String, Schema> e : api.getComponents().getSchemas().entrySet()) {
                Map<String, Schema> properties = e.getValue().getProperties();
                if (properties == null) {
                    continue;
                }
                if (!e.getKey().endsWith("Request")) {
                    e.getValue().setRequired(new ArrayList<>(properties.entrySet().stream()
                        .filter(p -> p.getValue().getExtensions() == null || !p.getValue().getExtensions().containsKey(OPTIONAL)).map(Map.Entry::getKey).toList()));
                }
            }
        };
    }
}
