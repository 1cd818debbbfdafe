package dev.schachtel.app.scene;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.structure.Shift;
import dev.schachtel.core.plan.Plan;

/** Asked again and again while a piece is dragged. */
@RestController
class MovingController {
    private final CardService cards;
    private final Plans plans;
    private final MovingDesk desk;

    MovingController(CardService cards, Plans plans, MovingDesk desk) {
        this.cards = cards;
        this.plans = plans;
        this.desk = desk;
    }

    @GetMapping("/cards/{id}/decorate/moving")
    MovingDesk.Held moving(
            @PathVariable long id, @ModelAttribute SceneController.Place place, @ModelAttribute Shift shift) {
        Plan plan = plans.of(cards.load(id).spec());
        return desk.held(plan, SceneDesk.face(plan, place.on()), shift);
    }
}
