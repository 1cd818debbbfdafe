package dev.schachtel.core.edit;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.Kind;

/** What a record of the card is made of. */
public final class Anatomy {
    private static final Map<Class<?>, Anatomy> KNOWN = new ConcurrentHashMap<>();
    private final Class<?> type;
    private final List<Bone> bones;
    private final Constructor<?> constructor;

    private Anatomy(Class<?> type) {
        this.type = type;
        this.bones = Arrays.stream(type.getRecordComponents()).map(Bone::of).toList();
        try {
            Class<?>[] types = Arrays.stream(type.getRecordComponents())
                    .map(RecordComponent::getType)
                    .toArray(Class<?>[]::new);
            this.constructor = type.getDeclaredConstructor(types);
        } catch (NoSuchMethodException e) {
            throw new IllegalStateException(type + " has no canonical constructor", e);
        }
    }

    public static Anatomy of(Class<?> record) {
        return KNOWN.computeIfAbsent(record, Anatomy::new);
    }

    /** The records of a sealed family, in the order in which it permits them. */
    public static List<Class<?>> kinds(Class<?> family) {
        List<Class<?>> all = new ArrayList<>();
        for (Class<?> sub : family.getPermittedSubclasses()) {
            if (sub.isRecord()) {
                all.add(sub);
            } else {
                all.addAll(kinds(sub));
            }
        }
        return all;
    }

    /** The record of the family that files call by this word. */
    public static Optional<Class<?>> kind(Class<?> family, String word) {
        return kinds(family).stream().filter(k -> word(k).equals(word)).findFirst();
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

    public List<Bone> bones() {
        return bones;
    }

    public Optional<Bone> bone(String name) {
        return bones.stream().filter(b -> b.name().equals(name)).findFirst();
    }

    /** The value of a component. */
    public Object get(Object record, Bone bone) {
        try {
            return bone.component().getAccessor().invoke(record);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException("can't read " + bone.name() + " of " + type, e);
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
    public Object with(Object record, Bone changed, Object value, String path) {
        List<Object> values = new ArrayList<>();
        for (Bone bone : bones) {
            values.add(bone.equals(changed) ? value : get(record, bone));
        }
        return make(values, path);
    }

    /** One component: its name, its type, what it asks. */
    public record Bone(String name, Class<?> type, Class<?> content, Asked asked, RecordComponent component) {
        private static Bone of(RecordComponent c) {
            Class<?> content = c.getType();
            if (c.getGenericType() instanceof ParameterizedType p) {
                Type inner = p.getActualTypeArguments()[0];
                content = (Class<?>) inner;
            }
            Asked asked = c.getAnnotation(Asked.class);
            return new Bone(c.getName(), c.getType(), content, asked == null ? NOTHING : asked, c);
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

        /** Has a value of its own when a file leaves it out. */
        public boolean hasDefault() {
            return isList()
                    || isOptional()
                    || (!asked.initial().isEmpty() && !asked.initial().endsWith("%"));
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Bone b && b.component.equals(component);
        }

        @Override
        public int hashCode() {
            return name.hashCode();
        }

        private record Nothing(@Asked("") int nothing) {}

        private static final Asked NOTHING = Nothing.class.getRecordComponents()[0].getAnnotation(Asked.class);
    }
}
