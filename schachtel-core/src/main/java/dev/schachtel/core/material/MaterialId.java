package dev.schachtel.core.material;

/** The name by which a card file calls a material, filling or envelope of the workshop: small letters, digits, hyphens. */
public record MaterialId(String value) implements Comparable<MaterialId> {
    public static final String PATTERN = "[a-z][a-z0-9-]{0,39}";

    public MaterialId {
        if (!value.matches(PATTERN)) {
            throw new IllegalArgumentException("'" + value + "' is no id; small letters, digits and hyphens only");
        }
    }

    @Override
    public int compareTo(MaterialId other) {
        return value.compareTo(other.value);
    }

    @Override
    public String toString() {
        return value;
    }
}
