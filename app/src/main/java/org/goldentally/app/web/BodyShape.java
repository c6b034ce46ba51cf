package org.goldentally.app.web;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Problem;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The shape of a sent document beside the records that it is to become: fills in what may be left out ({@link LeftOut}),
 * and names every field that is missing, unknown or of the wrong kind, all at once. Only asked where a document could not
 * be read as it is.
 */
final class BodyShape {

    private static final int MOST_PROBLEMS = 20;
    private static final String SEE = "the API description at /api/openapi says what belongs here";

    private final JsonMapper json;
    private final List<Problem> problems = new ArrayList<>();

    BodyShape(JsonMapper json) {
        this.json = json;
    }

    /** What is wrong, with its place; at most twenty, so that a list of numbers is no wall of text. */
    List<Problem> problems() {
        return problems.subList(0, Math.min(MOST_PROBLEMS, problems.size()));
    }

    /** Fills in what may be left out and collects what is wrong. */
    void check(JsonNode node, Type type) {
        check(node, type, "");
    }

    private void check(JsonNode node, Type type, String path) {
        if (type instanceof ParameterizedType list && list.getRawType() == List.class) {
            checkList(node, list.getActualTypeArguments()[0], path);
        } else if (type instanceof Class<?> kind && kind.isRecord()) {
            checkRecord(node, kind, path);
        } else if (type instanceof Class<?> kind) {
            checkValue(node, kind, path);
        }
    }

    private void checkList(JsonNode node, Type of, String path) {
        if (!(node instanceof ArrayNode entries)) {
            wrong(path, "what stands here is no list");
            return;
        }
        for (int i = 0; i < entries.size(); i++) {
            if (entries.get(i).isNull()) {
                wrong(path + "[" + i + "]", "this is missing");
                continue;
            }
            check(entries.get(i), of, path + "[" + i + "]");
        }
    }

    private void checkRecord(JsonNode node, Class<?> kind, String path) {
        if (!(node instanceof ObjectNode fields)) {
            wrong(path, "what stands here is no group of fields");
            return;
        }
        Set<String> unknown = new HashSet<>(fields.propertyNames());
        for (RecordComponent component : kind.getRecordComponents()) {
            String name = component.getName();
            String place = path.isEmpty() ? name : path + "." + name;
            unknown.remove(name);
            JsonNode value = fields.get(name);
            if (value == null) {
                fillIn(fields, component, place);
            } else if (value.isNull() && !Gaps.mayBeNull(component)) {
                wrong(place, "this is missing");
            } else if (!value.isNull()) {
                check(value, component.getGenericType(), place);
            }
        }
        unknown.stream()
                .sorted()
                .forEach(name -> problems.add(new Problem(
                        path.isEmpty() ? name : path + "." + name,
                        "there is no field “" + name + "” here",
                        "leave it out; the fields are in the API description at /api/openapi")));
    }

    private void fillIn(ObjectNode fields, RecordComponent component, String place) {
        LeftOut leftOut = component.getAnnotation(LeftOut.class);
        if (leftOut != null) {
            JsonNode usual = json.readTree(leftOut.value());
            check(usual, component.getGenericType(), place);
            fields.set(component.getName(), usual);
        } else if (!Gaps.mayBeNull(component)) {
            wrong(place, "this is missing");
        }
    }

    private void checkValue(JsonNode node, Class<?> kind, String path) {
        if (kind.isEnum()) {
            List<String> allowed =
                    Arrays.stream(kind.getEnumConstants()).map(Object::toString).toList();
            if (!node.isString() || !allowed.contains(node.asString())) {
                problems.add(new Problem(
                        path,
                        (node.isString() ? "“" + node.asString() + "”" : "what stands here") + " is not known here",
                        "choose one of " + String.join(", ", allowed)));
            }
        } else if (kind == String.class) {
            expect(node.isString(), path, "text");
        } else if (kind == int.class || kind == long.class) {
            expect(node.isIntegralNumber() && node.canConvertToLong(), path, "whole number");
        } else if (kind == double.class) {
            expect(node.isNumber(), path, "number");
        } else if (kind == boolean.class) {
            expect(node.isBoolean(), path, "true or false");
        } else if (kind == UUID.class) {
            boolean identity =
                    node.isString() && node.asString().matches("[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}");
            expect(identity, path, "identity such as 123e4567-e89b-12d3-a456-426614174000");
        }
    }

    private void expect(boolean holds, String path, String what) {
        if (!holds) {
            wrong(path, "what stands here is no " + what);
        }
    }

    private void wrong(String path, String why) {
        problems.add(new Problem(path.isEmpty() ? "Request" : path, why, SEE));
    }
}
