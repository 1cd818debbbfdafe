package dev.schachtel.app.cards;

import java.util.HashMap;
import java.util.Map;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

import dev.schachtel.app.store.Conflicts;
import dev.schachtel.core.edit.Merge;

/** What two windows changed at once: which of both is taken. */
@Controller
class ConflictController {
    private static final String ANSWER = "at-";
    private final Conflicts conflicts;

    ConflictController(Conflicts conflicts) {
        this.conflicts = conflicts;
    }

    /** What touches nothing is taken at once; where both changed the same, the maker says which. */
    @PostMapping("/cards/{id}/take/{aside}")
    String take(
            @PathVariable long id, @PathVariable long aside, @RequestParam Map<String, String> answers, Model model) {
        Map<String, Merge.Side> sides = new HashMap<>();
        answers.forEach((path, side) -> {
            if (path.startsWith(ANSWER)) {
                sides.put(path.substring(ANSWER.length()), side.equals("mine") ? Merge.Side.MINE : Merge.Side.THEIRS);
            }
        });
        Merge.Merged merged = conflicts.merged(id, aside, sides);
        if (merged.clashes().stream().allMatch(c -> sides.containsKey(c.path()))) {
            conflicts.take(id, aside, sides);
            return "redirect:/cards/" + id + "/structure";
        }
        model.addAttribute("clashes", merged.clashes());
        model.addAttribute("action", "/cards/" + id + "/take/" + aside);
        return "cards/clashes";
    }
}
