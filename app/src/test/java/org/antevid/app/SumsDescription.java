package org.antevid.app;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.parameters.RequestBody;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.responses.ApiResponses;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.sums.Field;
import org.antevid.sums.Sum;
import org.antevid.sums.Sums;

/** Each sum as a call of its own: its fields with unit, range and default, and a worked case with its answer. */
final class SumsDescription {
    private static final Path GOLDEN = Path.of("../sums/src/test/resources/golden");
    private static final String JSON = "application/json";

    private SumsDescription() {}

    /** One worked case of the golden files. */
    private record Worked(String sum, Map<String, Object> input) {}

    static void addTo(OpenAPI api, String tag) {
        List<Worked> cases = cases();
        for (Sum sum : Sums.all()) {
            Optional<Worked> worked = cases.stream()
                    .filter(c -> c.sum().equals(sum.name()))
                    .filter(c -> answer(sum, c).isPresent())
                    .min(Comparator.comparingInt(c -> c.input().toString().length()));
            Operation compute = new Operation()
                    .operationId("sumsCompute_" + sum.name())
                    .summary(sum.title() + ".")
                    .description("What is not known comes back as null; codes of warnings stand in warnings.")
                    .tags(List.of(tag))
                    .requestBody(new RequestBody()
                            .required(true)
                            .content(json(asked(sum), worked.<Object>map(Worked::input))))
                    .responses(new ApiResponses()
                            .addApiResponse(
                                    "200",
                                    new ApiResponse()
                                            .description("OK")
                                            .content(json(
                                                    answered(worked.flatMap(w -> answer(sum, w))),
                                                    worked.flatMap(w -> answer(sum, w))
                                                            .map(Object.class::cast)))));
            api.getPaths().addPathItem("/api/sums/" + sum.name(), new PathItem().post(compute));
        }
    }

    private static Content json(Schema<?> schema, Optional<Object> example) {
        MediaType type = new MediaType().schema(schema);
        example.ifPresent(type::setExample);
        return new Content().addMediaType(JSON, type);
    }

    private static Schema<?> asked(Sum sum) {
        Schema<Object> fields = new Schema<>();
        fields.setTypes(Set.of("object"));
        fields.setAdditionalProperties(false);
        sum.fields().forEach(f -> fields.addProperty(f.name(), field(f)));
        fields.setRequired(
                sum.fields().stream().filter(Field::required).map(Field::name).toList());
        return fields;
    }

    private static Schema<?> field(Field f) {
        Schema<Object> s = new Schema<>();
        f.standard().ifPresent(s::setDefault);
        switch (f.kind()) {
            case NUMBER -> {
                s.setTypes(Set.of("number"));
                s.setMinimum(BigDecimal.valueOf(f.low()));
                s.setMaximum(BigDecimal.valueOf(f.high()));
                String unit = f.unit().isEmpty() ? "a share or a count" : f.unit();
                boolean usual = f.usualLow() > f.low() || f.usualHigh() < f.high();
                s.setDescription(usual ? unit + "; warned of outside " + f.usualLow() + " to " + f.usualHigh() : unit);
            }
            case CHOICE -> {
                s.setTypes(Set.of("string"));
                s.setEnum(new ArrayList<>(f.choices()));
            }
            case FLAG -> s.setTypes(Set.of("boolean"));
            case LIST -> {
                s.setTypes(Set.of("array"));
                s.setItems(new Schema<>());
            }
        }
        return s;
    }

    private static Schema<?> answered(Optional<Map<String, Object>> worked) {
        Schema<Object> results = new Schema<>();
        results.setTypes(Set.of("object"));
        results.setDescription("Results end with their unit.");
        worked.ifPresent(all -> all.forEach((name, value) -> results.addProperty(name, kind(value))));
        return results;
    }

    private static Schema<?> kind(Object value) {
        Schema<Object> s = new Schema<>();
        if (value instanceof Boolean) {
            s.setTypes(Set.of("boolean"));
        } else if (value instanceof Number) {
            // in this order: a set that hashes would describe it another way in every run
            s.setTypes(new TreeSet<>(List.of("null", "number")));
        } else if (value instanceof List) {
            s.setTypes(Set.of("array"));
            s.setItems(new Schema<>());
        } else if (value instanceof Map) {
            s.setTypes(Set.of("object"));
        } else if (value != null) {
            s.setTypes(Set.of("string"));
        }
        return s;
    }

    private static Optional<Map<String, Object>> answer(Sum sum, Worked worked) {
        try {
            return Optional.of(sum.compute(worked.input()));
        } catch (RefusedInput e) {
            return Optional.empty();
        }
    }

    private static List<Worked> cases() {
        ObjectMapper json = new ObjectMapper();
        List<Worked> all = new ArrayList<>();
        try (Stream<Path> files = Files.list(GOLDEN)) {
            for (Path file :
                    files.filter(f -> f.toString().endsWith(".json")).sorted().toList()) {
                json.readTree(file.toFile())
                        .forEach(c -> all.add(new Worked(
                                c.path("sum").asText(),
                                json.convertValue(c.path("input"), new TypeReference<Map<String, Object>>() {}))));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return all;
    }
}
