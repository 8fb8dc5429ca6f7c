package org.antevid.app.reader;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;

/**
 * The version of what is read stands in {@code ETag}, and may come back in {@code If-Match} instead of in the body: who
 * speaks plain HTTP is kept from overwriting others as the screens are.
 */
@ControllerAdvice
class Versions extends RequestBodyAdviceAdapter implements ResponseBodyAdvice<Object> {
    private static final String VERSION = "version";
    private static final Pattern TAG = Pattern.compile("(?:W/)?\"(\\d+)\"");
    private final ObjectMapper json;

    Versions(ObjectMapper json) {
        this.json = json;
    }

    @Override
    public boolean supports(
            MethodParameter parameter, Type target, Class<? extends HttpMessageConverter<?>> converter) {
        return version(parameter.getParameterType()).isPresent();
    }

    @Override
    public HttpInputMessage beforeBodyRead(
            HttpInputMessage sent,
            MethodParameter parameter,
            Type target,
            Class<? extends HttpMessageConverter<?>> converter)
            throws IOException {
        Matcher tag = TAG.matcher(Optional.ofNullable(sent.getHeaders().getFirst(HttpHeaders.IF_MATCH))
                .orElse(""));
        if (!tag.matches()) {
            return sent;
        }
        JsonNode body = json.readTree(sent.getBody());
        if (body instanceof ObjectNode object && !object.hasNonNull(VERSION)) {
            object.put(VERSION, Long.parseLong(tag.group(1)));
        }
        byte[] bytes = json.writeValueAsBytes(body);
        return new HttpInputMessage() {
            @Override
            public InputStream getBody() {
                return new ByteArrayInputStream(bytes);
            }

            @Override
            public HttpHeaders getHeaders() {
                return sent.getHeaders();
            }
        };
    }

    @Override
    public boolean supports(MethodParameter answer, Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public @Nullable Object beforeBodyWrite(
            @Nullable Object body,
            MethodParameter answer,
            MediaType type,
            Class<? extends HttpMessageConverter<?>> converter,
            ServerHttpRequest request,
            ServerHttpResponse response) {
        if (body != null) {
            version(body.getClass()).flatMap(v -> read(v, body)).ifPresent(v -> response.getHeaders()
                    .setETag("\"" + v + "\""));
        }
        return body;
    }

    private static Optional<RecordComponent> version(Class<?> type) {
        return type.isRecord()
                ? Stream.of(type.getRecordComponents())
                        .filter(c -> c.getName().equals(VERSION))
                        .findFirst()
                : Optional.empty();
    }

    private static Optional<Object> read(RecordComponent version, Object body) {
        try {
            version.getAccessor().setAccessible(true);
            return Optional.ofNullable(version.getAccessor().invoke(body));
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
