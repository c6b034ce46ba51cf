package org.goldentally.app.web;

import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/** Whether something that has to be there is missing from what was read, anywhere in it. */
final class Gaps {

    private static final Map<Class<?>, RecordComponent[]> COMPONENTS = new ConcurrentHashMap<>();

    private Gaps() {}

    /** Of a record and all records and lists in it. */
    static boolean in(Object read) {
        return switch (read) {
            case List<?> entries -> entries.stream().anyMatch(Gaps::in);
            case Record fields -> inFields(fields);
            default -> false;
        };
    }

    private static boolean inFields(Record fields) {
        for (RecordComponent component : COMPONENTS.computeIfAbsent(fields.getClass(), Class::getRecordComponents)) {
            Object value = value(component, fields);
            if (value == null ? !mayBeNull(component) : in(value)) {
                return true;
            }
        }
        return false;
    }

    /** Whether a field may be left empty; primitive ones never are. */
    static boolean mayBeNull(RecordComponent component) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class)
                || component.isAnnotationPresent(Nullable.class);
    }

    private static @Nullable Object value(RecordComponent component, Record of) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(of);
        } catch (ReflectiveOperationException broken) {
            throw new IllegalStateException(component + " cannot be read", broken);
        }
    }
}
