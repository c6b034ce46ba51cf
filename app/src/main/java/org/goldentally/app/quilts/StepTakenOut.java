package org.goldentally.app.quilts;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * A design with an earlier change taken out of it and the later ones kept.
 *
 * <ol>
 *   <li>What the change did is undone field by field in the newest design: three documents are walked together, as it was
 *       before the change, after it, and now.
 *   <li>Entries of a list are told apart by what names them (a cloth's key, a place's row and column), else by their
 *       number.
 *   <li>Where the newest design has neither what the change made of a field nor what was there before, a later step went
 *       on from it: it is refused, and that step is named.
 *   <li>What the newest design then refers to must still be there; a cloth that a later step dressed a patch in cannot
 *       be taken out.
 * </ol>
 */
final class StepTakenOut {

    /** A step by name, and the design that it led to. */
    record Step(String what, ObjectNode design) {}

    private static final JsonNode GONE = JsonNodeFactory.instance.missingNode();

    /** What tells the entries of a list apart, by the name of the list. */
    private static final Map<String, List<String>> NAMED_BY = Map.of(
            "cloths", List.of("key"),
            "blocks", List.of("key"),
            "places", List.of("row", "column"),
            "edgePlaces", List.of("part", "unit"),
            "methods", List.of("units"),
            "cutting", List.of("cloth"),
            "cutSizes", List.of("units", "method"),
            "extras", List.of("units"));

    private final List<Step> steps;

    private StepTakenOut(List<Step> steps) {
        this.steps = steps;
    }

    /**
     * The newest design without one change.
     *
     * @param steps the step before the change, the change itself, and all that came later, oldest first
     * @throws RefusedException if a later step depends on it
     */
    static ObjectNode from(List<Step> steps) {
        StepTakenOut taken = new StepTakenOut(steps);
        ObjectNode before = steps.get(0).design();
        ObjectNode after = steps.get(1).design();
        ObjectNode now = steps.getLast().design();
        ObjectNode without = (ObjectNode) taken.undone(List.of(), before, after, now);
        taken.checkReferences(now, without);
        return without;
    }

    private JsonNode undone(List<String> path, JsonNode before, JsonNode after, JsonNode now) {
        if (before.equals(after) || now.equals(before)) {
            return now;
        }
        if (now.equals(after)) {
            return before;
        }
        if (before instanceof ObjectNode was && after instanceof ObjectNode became && now instanceof ObjectNode is) {
            return undoneFields(path, was, became, is);
        }
        if (before instanceof ArrayNode was && after instanceof ArrayNode became && now instanceof ArrayNode is) {
            return undoneEntries(path, was, became, is);
        }
        throw refused(path);
    }

    private JsonNode undoneFields(List<String> path, ObjectNode before, ObjectNode after, ObjectNode now) {
        ObjectNode result = now.objectNode();
        Set<String> names = new LinkedHashSet<>(now.propertyNames());
        names.addAll(before.propertyNames());
        for (String name : names) {
            JsonNode value =
                    undone(with(path, name), orGone(before.get(name)), orGone(after.get(name)), orGone(now.get(name)));
            if (!GONE.equals(value)) {
                result.set(name, value);
            }
        }
        return result;
    }

    private JsonNode undoneEntries(List<String> path, ArrayNode before, ArrayNode after, ArrayNode now) {
        String list = path.isEmpty() ? "" : path.getLast();
        Map<String, JsonNode> was = byName(list, before);
        Map<String, JsonNode> became = byName(list, after);
        Map<String, JsonNode> is = byName(list, now);
        Set<String> names = new LinkedHashSet<>(is.keySet());
        names.addAll(was.keySet());
        ArrayNode result = now.arrayNode();
        for (String name : names) {
            JsonNode value = undone(
                    with(path, name),
                    was.getOrDefault(name, GONE),
                    became.getOrDefault(name, GONE),
                    is.getOrDefault(name, GONE));
            if (!GONE.equals(value)) {
                result.add(value);
            }
        }
        return result;
    }

    private static Map<String, JsonNode> byName(String list, ArrayNode entries) {
        Map<String, JsonNode> byName = new LinkedHashMap<>();
        List<String> fields = NAMED_BY.getOrDefault(list, List.of());
        int number = 0;
        for (JsonNode entry : entries) {
            StringBuilder name = new StringBuilder();
            fields.forEach(field -> name.append(entry.path(field).asString("")).append(' '));
            byName.put(
                    fields.isEmpty() ? String.valueOf(number) : name.toString().strip(), entry);
            number++;
        }
        return byName;
    }

    private static JsonNode orGone(JsonNode value) {
        return value == null ? GONE : value;
    }

    private static List<String> with(List<String> path, String name) {
        List<String> longer = new ArrayList<>(path);
        longer.add(name);
        return longer;
    }

    private RefusedException refused(List<String> path) {
        String later = laterStepAt(path).map(step -> "“" + step.what() + "”").orElse("a later step");
        return new RefusedException(new Problem(
                "Taking out “" + steps.get(1).what() + "”",
                later + " went on from it",
                "take that one out first, or go back to the step before it"));
    }

    private Optional<Step> laterStepAt(List<String> path) {
        for (int i = 2; i < steps.size(); i++) {
            if (!at(path, steps.get(i - 1).design())
                    .equals(at(path, steps.get(i).design()))) {
                return Optional.of(steps.get(i));
            }
        }
        return Optional.empty();
    }

    private static JsonNode at(List<String> path, JsonNode document) {
        JsonNode node = document;
        String list = "";
        for (String name : path) {
            node = node instanceof ArrayNode entries
                    ? byName(list, entries).getOrDefault(name, GONE)
                    : orGone(node.get(name));
            list = name;
        }
        return node;
    }

    /** Cloths and blocks that were taken out with the change, but are still used by what came later. */
    private void checkReferences(ObjectNode now, ObjectNode without) {
        for (String list : List.of("cloths", "blocks")) {
            Map<String, JsonNode> left = byName(list, (ArrayNode) without.get(list));
            Map<String, JsonNode> there = byName(list, (ArrayNode) now.get(list));
            for (Map.Entry<String, JsonNode> entry : there.entrySet()) {
                if (!left.containsKey(entry.getKey()) && isUsed(list, entry.getKey(), without)) {
                    throw new RefusedException(new Problem(
                            "Taking out “" + steps.get(1).what() + "”",
                            "a later step uses " + entry.getValue().path("name").asString(""),
                            "take that one out first, or go back to the step before it"));
                }
            }
        }
    }

    private static boolean isUsed(String list, String key, JsonNode without) {
        Set<String> used = new TreeSet<>();
        without.forEachEntry((name, value) -> {
            if (!name.equals(list)) {
                collectTexts(value, used);
            } else {
                // What the entries hold, besides their own keys: a block may be set into another.
                value.forEach(entry -> entry.forEachEntry((field, inner) -> {
                    if (!field.equals("key")) {
                        collectTexts(inner, used);
                    }
                }));
            }
        });
        return used.contains(key);
    }

    private static void collectTexts(JsonNode node, Set<String> into) {
        if (node.isString()) {
            into.add(node.asString());
        } else {
            node.forEach(inner -> collectTexts(inner, into));
        }
    }
}
