package dev.schachtel.core.card;

import java.util.List;

import dev.schachtel.core.material.MaterialId;

/** Pictures of the box that a piece shows, one place after another; they begin again when all are used. */
public sealed interface Showing {
    List<MaterialId> pictures();

    /** Left free. */
    @Kind(value = "nothing", title = "No picture")
    record Nothing() implements Showing {
        @Override
        public List<MaterialId> pictures() {
            return List.of();
        }
    }

    /** The same picture. */
    @Kind(value = "one", title = "The same picture")
    record One(@Asked(value = "Picture", initial = "car", from = Asked.Choice.PICTURE) MaterialId first)
            implements Showing {
        @Override
        public List<MaterialId> pictures() {
            return List.of(first);
        }
    }

    /** Two pictures in turn. */
    @Kind(value = "two", title = "Two pictures in turn")
    record Two(
            @Asked(value = "Picture", initial = "car", from = Asked.Choice.PICTURE) MaterialId first,
            @Asked(value = "Second picture", initial = "goat", from = Asked.Choice.PICTURE) MaterialId second)
            implements Showing {
        @Override
        public List<MaterialId> pictures() {
            return List.of(first, second);
        }
    }

    /** Three pictures in turn. */
    @Kind(value = "three", title = "Three pictures in turn")
    record Three(
            @Asked(value = "Picture", initial = "car", from = Asked.Choice.PICTURE) MaterialId first,
            @Asked(value = "Second picture", initial = "goat", from = Asked.Choice.PICTURE) MaterialId second,
            @Asked(value = "Third picture", initial = "kestrel", from = Asked.Choice.PICTURE) MaterialId third)
            implements Showing {
        @Override
        public List<MaterialId> pictures() {
            return List.of(first, second, third);
        }
    }

    /** Six pictures in turn. */
    @Kind(value = "six", title = "Six pictures in turn")
    record Six(
            @Asked(value = "Picture", initial = "car", from = Asked.Choice.PICTURE) MaterialId first,
            @Asked(value = "Second picture", initial = "goat", from = Asked.Choice.PICTURE) MaterialId second,
            @Asked(value = "Third picture", initial = "kestrel", from = Asked.Choice.PICTURE) MaterialId third,
            @Asked(value = "Fourth picture", initial = "tall-tree", from = Asked.Choice.PICTURE) MaterialId fourth,
            @Asked(value = "Fifth picture", initial = "conductor", from = Asked.Choice.PICTURE) MaterialId fifth,
            @Asked(value = "Sixth picture", initial = "moon", from = Asked.Choice.PICTURE) MaterialId sixth)
            implements Showing {
        @Override
        public List<MaterialId> pictures() {
            return List.of(first, second, third, fourth, fifth, sixth);
        }
    }
}
