package dev.schachtel.core.model;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.Kind;

/** What a record of the card is made of. */
public final class RecordType {
    private static final Map<Class<?>, RecordType> KNOWN = new ConcurrentHashMap<>();
    private static final Map<Class<?>, Map<String, Class<?>>> FAMILIES = new ConcurrentHashMap<>();
    private final Class<?> type;
    private final List<Component> components;
    private final Map<String, Component> byName = new LinkedHashMap<>();
    private final Constructor<?> constructor;

    private RecordType(Class<?> type) {
        this.type = type;
        this.components =
                Arrays.stream(type.getRecordComponents()).map(Component::of).toList();
        components.forEach(c -> byName.put(c.name(), c));
        try {
            Class<?>[] types = Arrays.stream(type.getRecordComponents())
                    .map(RecordComponent::getType)
                    .toArray(Class<?>[]::new);
            this.constructor = type.getDeclaredConstructor(types);
        } catch (NoSuchMethodException e) {
            throw new IllegalStateException(type + " has no canonical constructor", e);
        }
    }

    public static RecordType of(Class<?> record) {
        return KNOWN.computeIfAbsent(record, RecordType::new);
    }

    /** The records of a sealed family, in the order in which it permits them. */
    public static List<Class<?>> kinds(Class<?> family) {
        return List.copyOf(byWord(family).values());
    }

    private static Map<String, Class<?>> byWord(Class<?> family) {
        return FAMILIES.computeIfAbsent(family, f -> {
            Map<String, Class<?>> all = new LinkedHashMap<>();
            members(f).forEach(kind -> all.put(word(kind), kind));
            return Collections.unmodifiableMap(all);
        });
    }

    private static List<Class<?>> members(Class<?> family) {
        List<Class<?>> all = new ArrayList<>();
        for (Class<?> sub : family.getPermittedSubclasses()) {
            if (sub.isRecord()) {
                all.add(sub);
            } else {
                all.addAll(members(sub));
            }
        }
        return all;
    }

    /** The record of the family that files call by this word. */
    public static Optional<Class<?>> kind(Class<?> family, String word) {
        return Optional.ofNullable(byWord(family).get(word));
    }

    /** How files call this record: its {@link Kind}, else its name in small letters. */
    public static String word(Class<?> record) {
        Kind kind = record.getAnnotation(Kind.class);
        return kind == null ? Scalars.kebab(record.getSimpleName()) : kind.value();
    }

    public static String title(Class<?> record) {
        Kind kind = record.getAnnotation(Kind.class);
        return kind == null ? record.getSimpleName() : kind.title();
    }

    public List<Component> components() {
        return components;
    }

    public Optional<Component> component(String name) {
        return Optional.ofNullable(byName.get(name));
    }

    /** The value of a component. */
    public Object get(Object record, Component component) {
        try {
            return component.component().getAccessor().invoke(record);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException("can't read " + component.name() + " of " + type, e);
        }
    }

    /**
     * A record from its component values, in order.
     *
     * @throws RefusedException with path, if the record itself refuses them
     */
    public Object make(List<Object> values, String path) {
        try {
            return constructor.newInstance(values.toArray());
        } catch (InvocationTargetException e) {
            throw new RefusedException(path, String.valueOf(e.getCause().getMessage()));
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("can't make " + type, e);
        }
    }

    /** A record like this one with one component changed. */
    public Object with(Object record, Component changed, Object value, String path) {
        List<Object> values = new ArrayList<>();
        for (Component component : components) {
            values.add(component.equals(changed) ? value : get(record, component));
        }
        return make(values, path);
    }

    /** One component: its name, its type, what it asks. */
    public record Component(String name, Class<?> type, Class<?> content, Asked asked, RecordComponent component) {
        private static Component of(RecordComponent c) {
            Class<?> content = c.getType();
            if (c.getGenericType() instanceof ParameterizedType p) {
                Type inner = p.getActualTypeArguments()[0];
                content = (Class<?>) inner;
            }
            Asked asked = c.getAnnotation(Asked.class);
            return new Component(c.getName(), c.getType(), content, asked == null ? NOTHING : asked, c);
        }

        /** Whether files have it: every other component is the record's own. */
        boolean isAsked() {
            return asked != NOTHING;
        }

        public boolean isList() {
            return type == List.class;
        }

        public boolean isOptional() {
            return type == Optional.class;
        }

        /** One of several records, told apart by their kind. */
        public boolean isFamily() {
            return content.isSealed() && !isList();
        }

        /** One of a family whose usual kind asks for nothing further: what a file means that leaves it out. */
        public Optional<Class<?>> plainKind() {
            return isFamily() && hasDefault()
                    ? kind(content(), asked.initial())
                            .filter(k -> RecordType.of(k).components().isEmpty())
                            .map(k -> (Class<?>) k)
                    : Optional.empty();
        }

        /** Has a value of its own when a file leaves it out. */
        public boolean hasDefault() {
            return isList()
                    || isOptional()
                    || (!asked.initial().isEmpty() && !asked.initial().endsWith("%"));
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Component b && b.component.equals(component);
        }

        @Override
        public int hashCode() {
            return name.hashCode();
        }

        private record Nothing(@Asked("") int nothing) {}

        private static final Asked NOTHING = Nothing.class.getRecordComponents()[0].getAnnotation(Asked.class);
    }
}
