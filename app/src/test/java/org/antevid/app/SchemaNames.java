package org.antevid.app;

import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.ObjectMapper;
import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.core.jackson.TypeNameResolver;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.AnnotatedBeanDefinition;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.core.type.filter.AssignableTypeFilter;
import org.springframework.stereotype.Component;
import org.springframework.util.ClassUtils;

/**
 * Names of the interface's schemas: the record's own where no other is called so, else with what it belongs to in
 * front. Two schemas never share a name.
 */
@Component
class SchemaNames extends ModelResolver {
    private static final Map<String, List<Class<?>>> BY_SIMPLE_NAME = records();

    SchemaNames(ObjectMapper json) {
        super(json, new TypeNameResolver() {
            @Override
            protected String nameForClass(JavaType type, Set<Options> options) {
                return of(type.getRawClass(), super.nameForClass(type, options));
            }

            @Override
            protected String nameForClass(Class<?> cls, Set<Options> options) {
                return of(cls, super.nameForClass(cls, options));
            }
        });
    }

    private static String of(Class<?> type, String usual) {
        return BY_SIMPLE_NAME.getOrDefault(type.getSimpleName(), List.of()).size() < 2 ? usual : qualified(type);
    }

    static String of(Class<?> type) {
        return of(type, type.getSimpleName());
    }

    private static String qualified(Class<?> type) {
        Class<?> outer = type.getEnclosingClass();
        String room = type.getPackageName().substring(type.getPackageName().lastIndexOf('.') + 1);
        String within = outer == null ? "" : outer.getSimpleName().replaceAll("(Controller|View|Request)$", "");
        boolean ofTheCore = type.getName().startsWith("org.antevid.core.");
        String before = ofTheCore || within.isEmpty() ? room + within : within;
        return before.substring(0, 1).toUpperCase(Locale.ROOT) + before.substring(1) + type.getSimpleName();
    }

    /** @return every record of ours, by the name of its schema */
    static Map<String, Class<?>> all() {
        return BY_SIMPLE_NAME.values().stream()
                .flatMap(List::stream)
                .collect(Collectors.toMap(SchemaNames::of, c -> c, (a, b) -> {
                    throw new IllegalStateException(a + " and " + b + " are called the same in the interface");
                }));
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
                .filter(c -> !c.getName().contains("Test"))
                .collect(Collectors.groupingBy(Class::getSimpleName));
    }
}
