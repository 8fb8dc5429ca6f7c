package org.antevid.app.shell;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.time.Duration;
import java.util.List;
import java.util.Set;
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
    /** Addresses of the screens all answer with the one page. */
    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (String path : new String[] {
            "/",
            "/sign-in",
            "/join",
            "/join/{code}",
            "/jobs/{job}",
            "/jobs/{job}/{stage}",
            "/jobs/{job}/hand-over/{stem}",
            "/jobs/{job}/trees/{stem}",
            "/crew/{job}",
            "/crew/{job}/{page}",
            "/sums",
            "/logbook",
            "/drills",
            "/drills/{kind}",
            "/house"
        }) {
            registry.addViewController(path).setViewName("forward:/index.html");
        }
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
    }

    /** An empty Optional is left out; a null inside a map stays, because the sums say "not known" with it. */
    @Bean
    Jackson2ObjectMapperBuilderCustomizer leaveOutAbsent() {
        return b -> b.postConfigurer(m -> {
            m.setDefaultPropertyInclusion(
                    JsonInclude.Value.construct(JsonInclude.Include.NON_ABSENT, JsonInclude.Include.ALWAYS));
            List.of(List.class, Set.class)
                    .forEach(c -> m.configOverride(c).setSetterInfo(JsonSetter.Value.forContentNulls(Nulls.FAIL)));
        });
    }

    @Bean
    FilterRegistrationBean<OncePerRequestFilter> bodies() {
        FilterRegistrationBean<OncePerRequestFilter> f = new FilterRegistrationBean<>(new Bodies());
        f.setAsyncSupported(true);
        f.setOrder(Ordered.HIGHEST_PRECEDENCE);
        return f;
    }
}
