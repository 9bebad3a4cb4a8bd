package org.kestan.base.finding;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** A choice or a term with the key that files and words know it by. */
public interface Keyed {

    /** Returns the key, unique within its family; where it stands in the job file, the one fixed there. */
    String key();

    /** Returns the family of terms it belongs to, such as {@code joint} or {@code truss-rod}. */
    default String family() {
        return kebab(getClass());
    }

    /** Returns the constant of an enum whose key is {@code key}. */
    static <E extends Enum<E> & Keyed> Optional<E> find(Class<E> type, String key) {
        return Stream.of(type.getEnumConstants())
                .filter(each -> each.key().equals(key))
                .findFirst();
    }

    /** Returns the name of a constant in small letters with hyphens. */
    static String kebab(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Returns the name of a type in small letters with hyphens; of an enum constant's own class, that of the enum. */
    static String kebab(Class<?> type) {
        Class<?> named = type.isEnum()
                        || type.getSuperclass() == null
                        || !type.getSuperclass().isEnum()
                ? type
                : type.getSuperclass();
        return named.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
    }
}
