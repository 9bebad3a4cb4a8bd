package org.kestan.base.finding;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** A choice or a term with its key in files and texts. */
public interface Keyed {

    /** Returns the key, unique within its family; for a choice in the job file, the one fixed there. */
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

    /** Returns the name of a constant in lower case with hyphens. */
    static String kebab(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Returns the name of a type in lower case with hyphens; for the class of an enum constant, that of the enum. */
    static String kebab(Class<?> type) {
        Class<?> named = type.isEnum()
                        || type.getSuperclass() == null
                        || !type.getSuperclass().isEnum()
                ? type
                : type.getSuperclass();
        return named.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
    }
}
