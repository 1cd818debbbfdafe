package dev.schachtel.core.check;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.material.Workshop;

/** Whether the cards take more of a picture than there are of it. */
final class PictureCheck implements Check {
    @Override
    public void look(Build build, Workshop workshop, Report report) {
        for (Picture picture : workshop.pictures()) {
            int taken = build.cutOut(picture.id()) * build.spec().brief().cards();
            if (picture.owned() > 0 && taken > picture.owned()) {
                build.arts().stream()
                        .filter(a -> a.picture().equals(picture.id()))
                        .findFirst()
                        .ifPresent(art -> report.on(
                                        RuleId.PICTURES_SHORT, art.part().owner())
                                .parts(art.part())
                                .names(picture.name())
                                .measured(new Amount.Count(taken), new Amount.Count(picture.owned()))
                                .watch());
            }
        }
    }
}
