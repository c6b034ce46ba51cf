package org.goldentally.app.web;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Map;
import org.goldentally.app.problems.UnreadableBodyException;
import org.jspecify.annotations.Nullable;
import org.springframework.core.ResolvableType;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.http.converter.json.JacksonJsonHttpMessageConverter;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads the bodies of requests. One that cannot be read as it is, or lacks something, gets a second look: what may be left out is filled in,
 * and if something is wrong all the same, all of it is named, not only what was met first.
 */
@Component
class CheckedBodies extends JacksonJsonHttpMessageConverter {

    private final JsonMapper json;

    CheckedBodies(JsonMapper json) {
        super(json);
        this.json = json;
    }

    private record Buffered(HttpHeaders headers, byte[] bytes) implements HttpInputMessage {
        @Override
        public HttpHeaders getHeaders() {
            return headers;
        }

        @Override
        public InputStream getBody() {
            return new ByteArrayInputStream(bytes);
        }
    }

    /** Requests only; answers are written as they always are. */
    @Override
    public boolean canWrite(ResolvableType type, Class<?> kind, @Nullable MediaType mediaType) {
        return false;
    }

    @Override
    public boolean canRead(ResolvableType type, @Nullable MediaType mediaType) {
        return type.resolve(Object.class).isRecord() && super.canRead(type, mediaType);
    }

    @Override
    public Object read(ResolvableType type, HttpInputMessage message, @Nullable Map<String, Object> hints)
            throws IOException {
        byte[] bytes = message.getBody().readAllBytes();
        try {
            Object read = super.read(type, new Buffered(message.getHeaders(), bytes), hints);
            return read != null && Gaps.in(read)
                    ? lookAgain(
                            type,
                            message,
                            hints,
                            bytes,
                            new HttpMessageNotReadableException("a field is missing", message))
                    : read;
        } catch (HttpMessageNotReadableException unreadable) {
            return lookAgain(type, message, hints, bytes, unreadable);
        }
    }

    private Object lookAgain(
            ResolvableType type,
            HttpInputMessage message,
            @Nullable Map<String, Object> hints,
            byte[] bytes,
            HttpMessageNotReadableException unreadable)
            throws IOException {
        JsonNode tree;
        try {
            tree = json.readTree(bytes);
        } catch (JacksonException noJson) {
            throw unreadable;
        }
        BodyShape shape = shapeOf(type, tree);
        if (!shape.problems().isEmpty()) {
            throw new UnreadableBodyException(shape.problems());
        }
        return super.read(type, new Buffered(message.getHeaders(), json.writeValueAsBytes(tree)), hints);
    }

    private BodyShape shapeOf(ResolvableType type, JsonNode tree) {
        BodyShape shape = new BodyShape(json);
        shape.check(tree, type.getType());
        return shape;
    }
}
