package org.antevid.app;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.tags.Tag;
import java.lang.reflect.RecordComponent;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.antevid.app.reader.ArgView;
import org.antevid.app.reader.MessageView;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springdoc.core.customizers.GlobalOperationCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;

/**
 * The interface's description: what is always there, what the Javadoc says of it, its stage, a name that stays, and how
 * it refuses. Requests keep what validation says.
 */
@Component
class InterfaceDescription implements GlobalOpenApiCustomizer, GlobalOperationCustomizer {
    static {
        SpringDocUtils.getConfig().addRequestWrapperToIgnore(CsrfToken.class);
        SpringDocUtils.getConfig().replaceWithClass(Message.class, MessageView.class);
        SpringDocUtils.getConfig().replaceWithClass(Arg.class, ArgView.class);
        SpringDocUtils.getConfig().replaceWithClass(Arg.Amount.class, ArgView.class);
    }

    private static final SourceDocs DOCS = SourceDocs.of(
            Path.of("src/main/java"), Path.of("../core/src/main/java"), Path.of("../words/src/main/java"));
    private static final String PROBLEM = "ProblemDetails";
    private static final String UNITS = "Lengths are metres, angles degrees, azimuths clockwise from north, forces "
            + "newton, masses kilograms, times seconds, unless a name says otherwise (Mm, Cm, Percent). Names end with "
            + "their unit. Words come in the language and units of whoever asks, with code and arguments beside them.";

    /** Tags in the order of the job's stages. */
    private static final Map<String, String> TAGS = new LinkedHashMap<>();

    static {
        TAGS.put("place", "1 Place: features, surroundings, files of the plan");
        TAGS.put("stem", "2 Stems: readings, faults, photos");
        TAGS.put("lay", "3 Lay: dial, reach, zones, ways out, rehearsal");
        TAGS.put("cut", "4 Cuts: the cut card");
        TAGS.put("tangle", "5 Hung and fallen: the tangle");
        TAGS.put("crew", "6 Crew: steps and posts");
        TAGS.put("briefing", "7 Brief: issues of the plan and signatures");
        TAGS.put("run", "8 Run: ready, go, hold, ticks");
        TAGS.put("review", "9 Review: outcomes and the signature under them");
        TAGS.put("lessons", "Lessons: proposed, decided, told at work that matches");
        TAGS.put("tree", "One tree: tapped in, judged, used");
        TAGS.put("day", "The day: taken over as last time");
        TAGS.put("judgement", "Judgement: findings, verdicts, opinions");
        TAGS.put("job", "Jobs and who is on them");
        TAGS.put("board", "Board: all jobs");
        TAGS.put("house", "House: rules and kit");
        TAGS.put("people", "People and signing in");
        TAGS.put("live", "Live: what changed, as it changes");
        TAGS.put("sums", "Sums: every computation on its own");
        TAGS.put("shell", "The server itself");
    }

    @Override
    public Operation customize(Operation operation, HandlerMethod method) {
        Class<?> type = method.getBeanType();
        String module =
                type.getPackageName().substring("org.antevid.app.".length()).split("\\.", -1)[0];
        String controller = type.getSimpleName().replace("Controller", "");
        String name = method.getMethod().getName();
        operation.setTags(List.of(TAGS.getOrDefault(module, module)));
        operation.setOperationId(controller.substring(0, 1).toLowerCase(Locale.ROOT)
                + controller.substring(1)
                + name.substring(0, 1).toUpperCase(Locale.ROOT)
                + name.substring(1));
        DOCS.of(type, name).ifPresent(text -> {
            int first = text.indexOf(". ");
            operation.setSummary(first < 0 ? text : text.substring(0, first + 1));
            if (first > 0) {
                operation.setDescription(text);
            }
        });
        return operation;
    }

    @Override
    public void customise(OpenAPI api) {
        api.setServers(null);
        api.setInfo(new Info().title("Antevid").version("1").description(UNITS));
        api.setTags(TAGS.values().stream().map(t -> new Tag().name(t)).toList());
        api.getComponents().setSchemas(new TreeMap<>(api.getComponents().getSchemas()));
        api.getComponents().addSchemas(PROBLEM, problem());
        Map<String, Class<?>> records = SchemaNames.all();
        api.getComponents().getSchemas().forEach((name, schema) -> Optional.ofNullable(records.get(name))
                .ifPresent(c -> describe(name, schema, c)));
        SumsDescription.addTo(api, TAGS.get("sums"));
        api.getPaths().forEach((path, item) -> refusals(path, item));
    }

    private static void describe(String name, Schema<?> schema, Class<?> record) {
        DOCS.of(record).ifPresent(schema::setDescription);
        if (schema.getProperties() == null) {
            return;
        }
        Set<String> properties = schema.getProperties().keySet();
        schema.getProperties().forEach((property, of) -> DOCS.of(record, property)
                .filter(d -> of.get$ref() == null)
                .ifPresent(of::setDescription));
        if (!name.endsWith("Request")) {
            schema.setRequired(alwaysThere(
                    Arrays.stream(record.getRecordComponents()).filter(r -> properties.contains(r.getName()))));
            said(record).ifPresent(said -> {
                schema.addProperty("said", said);
                schema.addRequiredItem("said");
            });
        }
    }

    /** @return what stands beside numbers that are shown; empty where none is */
    private static Optional<Schema<?>> said(Class<?> record) {
        List<RecordComponent> shown = Arrays.stream(record.getRecordComponents())
                .filter(c -> c.isAnnotationPresent(Shown.class))
                .toList();
        if (shown.isEmpty()) {
            return Optional.empty();
        }
        Schema<Object> said = new Schema<>();
        said.setTypes(Set.of("object"));
        said.setDescription("Its quantities in the reader's units, each rounded to the side it says");
        shown.forEach(c -> {
            Shown how = c.getAnnotation(Shown.class);
            said.addProperty(
                    c.getName(),
                    new Schema<String>()
                            .types(Set.of("string"))
                            .description(how.in().name().toLowerCase(Locale.ROOT) + ", "
                                    + how.to().name().toLowerCase(Locale.ROOT)));
        });
        said.setRequired(alwaysThere(shown.stream()));
        return Optional.of(said);
    }

    private static List<String> alwaysThere(Stream<RecordComponent> components) {
        return components
                .filter(c -> c.getType() != Optional.class && c.getType() != OptionalDouble.class)
                .map(RecordComponent::getName)
                .toList();
    }

    private static Schema<?> problem() {
        Schema<Object> fault = new Schema<>();
        fault.setTypes(Set.of("object"));
        fault.addProperty(
                "code",
                new Schema<String>().types(Set.of("string")).description("Upper case, the same in every language"));
        fault.addProperty("field", new Schema<String>().types(Set.of("string")).description("As the caller wrote it"));
        fault.addProperty(
                "message", new Schema<String>().types(Set.of("string")).description("What would be right"));
        fault.addProperty(
                "args",
                new Schema<Object>().types(Set.of("object")).description("The same as values, numbers in SI units"));
        fault.setExample(
                Map.of("code", "OUT_OF_RANGE", "field", "girthM", "message", "is 40, must be between 0.03 and 25 m"));
        Schema<Object> problem = new Schema<>();
        problem.setTypes(Set.of("object"));
        problem.setDescription("A refusal; nothing was stored.");
        problem.addProperty("status", new Schema<Integer>().types(Set.of("integer")));
        problem.addProperty("detail", new Schema<String>().types(Set.of("string")));
        problem.addProperty("ok", new Schema<Boolean>().types(Set.of("boolean")));
        problem.addProperty(
                "errors", new Schema<Object>().types(Set.of("array")).items(fault));
        return problem;
    }

    private static void refusals(String path, PathItem item) {
        item.readOperationsMap().forEach((method, o) -> {
            o.getResponses().addApiResponse("401", refusal("Nobody is signed in"));
            if (path.contains("{")) {
                o.getResponses().addApiResponse("404", refusal("It does not exist, or not for this person"));
            }
            if (method != PathItem.HttpMethod.GET) {
                o.getResponses()
                        .addApiResponse("400", refusal("What was sent cannot be read; every field at fault is named"));
                o.getResponses().addApiResponse("403", refusal("This person may not do it"));
                o.getResponses().addApiResponse("409", refusal("Somebody changed it in the meantime: look again"));
                o.getResponses().addApiResponse("422", refusal("It cannot be so; every field at fault is named"));
            }
        });
    }

    private static ApiResponse refusal(String description) {
        return new ApiResponse()
                .description(description)
                .content(new Content()
                        .addMediaType(
                                "application/problem+json",
                                new MediaType().schema(new Schema<>().$ref("#/components/schemas/" + PROBLEM))));
    }
}
