package dev.schachtel.core.motion;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;

/** A sheet that dips into a block from above, by so much. */
class ContactTest {
    private static final double TILT = Math.toRadians(20);

    private static Contact.Lying lying(String name, double thick, Rigid at) {
        Outline square = Outline.sheet(Length.ofMillimetres(40), Length.ofMillimetres(40));
        Length high = Length.ofMicrometres(Math.round(thick * 1000));
        Slab slab = new Slab(new SlabId(name), new PartId(new Id(name), ""), name, high, List.of(square));
        return Contact.Lying.of(new Space.Body(new Level(slab, Length.ZERO, high), 0, square, 0), at);
    }

    /** Its lower edge runs across the middle of the block, so deep under its top. */
    private static Rigid dipping(double deep, double thick) {
        Rigid tilted = Rigid.about(Vec.ZERO, new Vec(0, 1, 0), -TILT);
        return Rigid.shift(new Vec(20, 0, thick - deep)).after(tilted);
    }

    /** Blocks of 3 mm are met at their top, and not only where their middle is; thin ones give way by as much as half a millimetre. */
    @ParameterizedTest
    @CsvSource({"3, 1, true", "3, 2, true", "3, -0.5, false", "3, 0.2, false", "0.3, 1, true", "0.3, -0.5, false"})
    void whatIsThickIsMetAtItsTop(double thick, double deep, boolean meets) {
        Contact.Lying block = lying("block", thick, Rigid.FLAT);
        Contact.Lying sheet = lying("sheet", 0.2, dipping(deep, thick));
        Optional<Point> place = Contact.between(block, sheet);
        assertThat(place.isPresent()).isEqualTo(meets);
        assertThat(Contact.between(sheet, block).isPresent()).isEqualTo(meets);
        place.ifPresent(p -> assertThat(p.x()).isBetween(19.0, 27.0));
    }
}
