package dev.schachtel.app.lessons;

import org.springframework.stereotype.Component;

import dev.schachtel.app.names.Erasing;
import dev.schachtel.app.names.KeepsNames;

/** Names in lessons. */
@Component
class LessonNames implements KeepsNames {
    private final LessonRepository lessons;

    LessonNames(LessonRepository lessons) {
        this.lessons = lessons;
    }

    @Override
    public void erase(Erasing erasing) {
        for (LessonEntity lesson : lessons.findAllByWordsContaining(erasing.word())) {
            String words = erasing.text("A lesson", lesson.lesson().words(), Lessons.LONGEST);
            if (erasing.isMeant()) {
                lesson.says(words);
            }
        }
    }
}
