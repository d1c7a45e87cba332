package canthook.refusal;

import canthook.length.Length;
import java.lang.reflect.Field;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The bounds of every field, read off its record: a component {@code playLength} has its bounds in the constant {@code PLAY_LENGTH} of its
 * record, or of the family the record belongs to. What refuses, what describes the API, the schema of a project file and the fields on
 * screen all read the same constant.
 */
public final class FieldBounds {
    private FieldBounds() {}

    /** Bounds of every length inside a record by its place, list places written as a star: {@code size.contents.items.*.length}. */
    public static Map<String, Bounds> lengths(Class<?> root) {
        Map<String, Bounds> found = new LinkedHashMap<>();
        gather(root, "", Bounds.class, found);
        return found;
    }

    /** Bounds of every plain number inside a record, likewise. */
    public static Map<String, Range> numbers(Class<?> root) {
        Map<String, Range> found = new LinkedHashMap<>();
        gather(root, "", Range.class, found);
        return found;
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

    private static <T> void gather(Class<?> type, String at, Class<T> sort, Map<String, T> found) {
        if (type.isSealed()) {
            for (Class<?> kind : type.getPermittedSubclasses()) {
                gather(kind, at, sort, found);
            }
            return;
        }
        if (!type.isRecord() || type == Length.class) {
            return;
        }
        for (RecordComponent component : type.getRecordComponents()) {
            String place = at + component.getName();
            boolean list = List.class.isAssignableFrom(component.getType());
            String inside = list ? place + ".*" : place;
            constant(type, component.getName(), sort).ifPresent(bounds -> found.put(inside, bounds));
            gather(list ? elementOf(component) : component.getType(), inside + ".", sort, found);
        }
    }

    private static Class<?> elementOf(RecordComponent component) {
        return component.getGenericType() instanceof ParameterizedType list
                        && list.getActualTypeArguments()[0] instanceof Class<?> element
                ? element
                : Object.class;
    }
}
