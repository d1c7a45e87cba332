package canthook.plan;

import canthook.length.Length;
import java.lang.reflect.Field;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The bounds of every field of a plan, read off its records: a component {@code playLength} has its bounds in the constant
 * {@code PLAY_LENGTH} of its record, or of the family the record belongs to. What refuses, what describes the API, the schema of a project
 * file and the fields on screen all read the same constant.
 */
public final class PlanBounds {
    private static final Map<String, Bounds> LENGTHS = found();

    private PlanBounds() {}

    /** Bounds of every length by its place in the plan, list places written as a star: {@code size.contents.items.*.length}. */
    public static Map<String, Bounds> lengths() {
        return LENGTHS;
    }

    /** Bounds of a length, or of each in a list of lengths, by its record and component. */
    public static Optional<Bounds> of(Class<?> record, String component) {
        return constant(record, component, Bounds.class);
    }

    /** Bounds of a plain number by its record and component. */
    public static Optional<Range> rangeOf(Class<?> record, String component) {
        return constant(record, component, Range.class);
    }

    private static <T> Optional<T> constant(Class<?> record, String component, Class<T> type) {
        String name = component.replaceAll("([A-Z])", "_$1").toUpperCase(Locale.ROOT);
        for (Field field : record.getFields()) {
            if (field.getName().equals(name) && field.getType() == type) {
                try {
                    return Optional.of(type.cast(field.get(null)));
                } catch (IllegalAccessException e) {
                    throw new IllegalStateException("a bound that cannot be read: " + record + " " + name, e);
                }
            }
        }
        return Optional.empty();
    }

    private static Map<String, Bounds> found() {
        Map<String, Bounds> found = new LinkedHashMap<>();
        gather(BoxPlan.class, "", found);
        return Collections.unmodifiableMap(found);
    }

    private static void gather(Class<?> type, String at, Map<String, Bounds> found) {
        if (type.isSealed()) {
            for (Class<?> kind : type.getPermittedSubclasses()) {
                gather(kind, at, found);
            }
            return;
        }
        if (!type.isRecord() || type == Length.class) {
            return;
        }
        for (RecordComponent component : type.getRecordComponents()) {
            String place = at + component.getName();
            boolean list = List.class.isAssignableFrom(component.getType());
            Class<?> holds = list ? elementOf(component) : component.getType();
            String inside = list ? place + ".*" : place;
            if (holds == Length.class) {
                of(type, component.getName()).ifPresent(bounds -> found.put(inside, bounds));
            } else {
                gather(holds, inside + ".", found);
            }
        }
    }

    private static Class<?> elementOf(RecordComponent component) {
        return component.getGenericType() instanceof ParameterizedType list
                        && list.getActualTypeArguments()[0] instanceof Class<?> element
                ? element
                : Object.class;
    }
}
