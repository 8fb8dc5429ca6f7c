package org.antevid.app;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.antevid.app.reader.SaidView;
import org.antevid.app.reader.ShownView;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.beans.factory.annotation.AnnotatedBeanDefinition;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.core.type.filter.AssignableTypeFilter;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Component;
import org.springframework.util.ClassUtils;

/**
 * Says in the interface's description which properties are always there: those of a record that are no Optional. The
 * generator unwraps Optionals and forgets them, so the records are asked. Requests keep what validation says.
 */
@Component
class InterfaceDescription implements OpenApiCustomizer {
    static {
        SpringDocUtils.getConfig().addRequestWrapperToIgnore(CsrfToken.class);
        SpringDocUtils.getConfig().replaceWithClass(Message.class, SaidView.class);
        SpringDocUtils.getConfig().replaceWithClass(Arg.class, ShownView.class);
        SpringDocUtils.getConfig().replaceWithClass(Arg.Amount.class, ShownView.class);
    }

    @Override
    public void customise(OpenAPI api) {
        api.setServers(null);
        Map<String, List<Class<?>>> records = records();
        api.getComponents().setSchemas(new TreeMap<>(api.getComponents().getSchemas()));
        api.getComponents()
                .getSchemas()
                .forEach((name, schema) -> require(name, schema, records.getOrDefault(name, List.of())));
    }

    private static void require(String name, Schema<?> schema, List<Class<?>> candidates) {
        if (schema.getProperties() == null || name.endsWith("Request")) {
            return;
        }
        Set<String> properties = schema.getProperties().keySet();
        candidates.stream()
                .filter(c -> names(c).containsAll(properties))
                .findFirst()
                .ifPresent(c -> schema.setRequired(Arrays.stream(c.getRecordComponents())
                        .filter(r -> r.getType() != Optional.class && properties.contains(r.getName()))
                        .map(RecordComponent::getName)
                        .toList()));
    }

    private static Set<String> names(Class<?> record) {
        return Arrays.stream(record.getRecordComponents())
                .map(RecordComponent::getName)
                .collect(Collectors.toSet());
    }

    private static Map<String, List<Class<?>>> records() {
        ClassPathScanningCandidateComponentProvider scanner = new ClassPathScanningCandidateComponentProvider(false) {
            @Override
            protected boolean isCandidateComponent(AnnotatedBeanDefinition definition) {
                return true;
            }
        };
        scanner.addIncludeFilter(new AssignableTypeFilter(Record.class));
        return scanner.findCandidateComponents("org.antevid").stream()
                .map(d -> ClassUtils.resolveClassName(String.valueOf(d.getBeanClassName()), null))
                .collect(Collectors.groupingBy(Class::getSimpleName));
    }
}
