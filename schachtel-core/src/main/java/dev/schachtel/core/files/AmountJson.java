package dev.schachtel.core.files;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;

import tools.jackson.databind.node.ObjectNode;

/** Writes an amount under a name: lengths as exact texts in millimetres, all else as numbers in the unit of its kind. */
record AmountJson(ObjectNode node, String name) implements Amount.Cases<ObjectNode> {
    static String mm(Length length) {
        return Units.MM.exact(length).replace(" mm", "");
    }

    @Override
    public ObjectNode one(Amount.One one) {
        return node.put(name, mm(one.length()));
    }

    @Override
    public ObjectNode two(Amount.Two two) {
        return node.put(name, mm(two.width()) + " x " + mm(two.height()));
    }

    @Override
    public ObjectNode thick(Amount.Thick thick) {
        return node.put(name, mm(thick.length()));
    }

    @Override
    public ObjectNode count(Amount.Count count) {
        return node.put(name, count.count());
    }

    @Override
    public ObjectNode times(Amount.Times times) {
        return node.put(name, times.hundredths() / 100.0);
    }

    @Override
    public ObjectNode degrees(Amount.Degrees degrees) {
        return node.put(name, degrees.angle().degrees());
    }

    @Override
    public ObjectNode grams(Amount.Grams grams) {
        return node.put(name, grams.tenths() / 10.0);
    }

    @Override
    public ObjectNode millilitres(Amount.Millilitres millilitres) {
        return node.put(name, millilitres.tenths() / 10.0);
    }

    @Override
    public ObjectNode squares(Amount.Squares squares) {
        return node.put(name, squares.area().squareMillimetres());
    }

    @Override
    public ObjectNode minutes(Amount.Minutes minutes) {
        return node.put(name, minutes.minutes());
    }
}
