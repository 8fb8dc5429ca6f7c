package org.antevid.app.reader;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.BeanDescription;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.PropertyName;
import com.fasterxml.jackson.databind.SerializationConfig;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.cfg.MapperConfig;
import com.fasterxml.jackson.databind.introspect.AnnotatedClass;
import com.fasterxml.jackson.databind.introspect.BeanPropertyDefinition;
import com.fasterxml.jackson.databind.introspect.VirtualAnnotatedMember;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.BeanPropertyWriter;
import com.fasterxml.jackson.databind.ser.BeanSerializerModifier;
import com.fasterxml.jackson.databind.ser.VirtualBeanPropertyWriter;
import com.fasterxml.jackson.databind.util.Annotations;
import com.fasterxml.jackson.databind.util.SimpleBeanPropertyDefinition;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Shown;
import org.antevid.words.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Beside the numbers of a record that are {@link Shown} stands {@value #SAID}: each by its name, in the units of
 * whoever asks, rounded to its safe side. What is not known is left out.
 */
@Component
class ShownQuantities extends SimpleModule {
    static final String SAID = "said";

    ShownQuantities() {
        super("shown quantities");
        setSerializerModifier(new BeanSerializerModifier() {
            @Override
            public List<BeanPropertyWriter> changeProperties(
                    SerializationConfig config, BeanDescription type, List<BeanPropertyWriter> writers) {
                List<SaidNumber> shown = shown(type.getBeanClass());
                if (!shown.isEmpty()) {
                    writers.add(SaidWriter.of(config, type.getClassInfo(), shown));
                }
                return writers;
            }
        });
    }

    /** A number of a record, and how it is said. */
    private record SaidNumber(String name, Method accessor, Shown how) {
        static SaidNumber of(RecordComponent c) {
            c.getAccessor().setAccessible(true);
            return new SaidNumber(c.getName(), c.getAccessor(), c.getAnnotation(Shown.class));
        }
    }

    private static List<SaidNumber> shown(Class<?> type) {
        return type.isRecord()
                ? Stream.of(type.getRecordComponents())
                        .filter(c -> c.isAnnotationPresent(Shown.class))
                        .map(SaidNumber::of)
                        .toList()
                : List.of();
    }

    /** @return each number that is known, as it is said */
    private static Map<String, String> said(List<SaidNumber> shown, Object of) {
        Words words = Speech.words();
        Map<String, String> said = new LinkedHashMap<>();
        for (SaidNumber q : shown) {
            number(q, of)
                    .map(v -> q.how.unsigned() ? Math.abs(v) : v)
                    .ifPresent(v -> said.put(q.name, words.show(new Arg.Amount(q.how.in(), v, q.how.to()))));
        }
        return said;
    }

    private static Optional<Double> number(SaidNumber q, Object of) {
        try {
            Object value = q.accessor.invoke(of);
            if (value instanceof OptionalDouble o) {
                return o.isPresent() ? Optional.of(o.getAsDouble()) : Optional.empty();
            }
            Object plain = value instanceof Optional<?> o ? o.orElse(null) : value;
            return Optional.ofNullable((Number) plain).map(Number::doubleValue).filter(Double::isFinite);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A property that no component holds. */
    private static final class SaidWriter extends VirtualBeanPropertyWriter {
        private static final long serialVersionUID = 1;
        private final transient List<SaidNumber> shown;

        private SaidWriter(
                BeanPropertyDefinition property, Annotations context, JavaType type, List<SaidNumber> shown) {
            super(property, context, type);
            this.shown = shown;
        }

        static SaidWriter of(MapperConfig<?> config, AnnotatedClass owner, List<SaidNumber> shown) {
            JavaType type = config.constructType(Map.class);
            VirtualAnnotatedMember member = new VirtualAnnotatedMember(owner, owner.getRawType(), SAID, type);
            return new SaidWriter(
                    SimpleBeanPropertyDefinition.construct(config, member, PropertyName.construct(SAID)),
                    owner.getAnnotations(),
                    type,
                    shown);
        }

        @Override
        protected @Nullable Object value(Object bean, JsonGenerator json, SerializerProvider all) {
            return said(shown, bean);
        }

        @Override
        public VirtualBeanPropertyWriter withConfig(
                MapperConfig<?> config, AnnotatedClass owner, BeanPropertyDefinition property, JavaType type) {
            return of(config, owner, shown);
        }
    }
}
