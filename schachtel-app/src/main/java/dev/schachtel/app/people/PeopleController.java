package dev.schachtel.app.people;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

import dev.schachtel.app.frame.Download;
import dev.schachtel.app.names.Erasing;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.model.RefusedException;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Shows what is kept about somebody, and erases it. */
@Controller
class PeopleController {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    private static final int LONGEST = 100;
    private final People people;
    private final Copies copies;

    PeopleController(People people, Copies copies) {
        this.people = people;
        this.copies = copies;
    }

    @GetMapping("/log/person")
    String show(@RequestParam String who, Model model) {
        String name = name(who);
        Erasing found = people.show(name);
        model.addAttribute("v", new PersonView(name, false, lines(found), sum(found), more(found), copies()));
        return "people/page";
    }

    /** The same as a file. */
    @GetMapping("/log/person/found.json")
    ResponseEntity<byte[]> file(@RequestParam String who) {
        ObjectNode file = JsonNodeFactory.instance.objectNode();
        file.put("who", name(who));
        ArrayNode all = file.putArray("found");
        for (PersonView.Line line : lines(people.show(name(who)))) {
            all.addObject().put("where", line.where()).put("text", line.text()).put("times", line.times());
        }
        return Download.of("found.json", MediaType.APPLICATION_JSON, Json.write(file));
    }

    /** Takes the name out of everything but the texts that are left. */
    @PostMapping("/log/person/erase")
    String erase(@RequestParam String who, @RequestParam(required = false) @Nullable List<String> leave, Model model) {
        Erasing erased = people.erase(name(who), left(leave));
        model.addAttribute("v", new PersonView("", true, List.of(), sum(erased), "", copies()));
        return "people/page";
    }

    /** As they were kept: forms send the end of a line as two characters. */
    private static Set<String> left(@Nullable List<String> leave) {
        return leave == null
                ? Set.of()
                : leave.stream().map(text -> text.replace("\r\n", "\n")).collect(Collectors.toSet());
    }

    private static String name(String who) {
        String name = who.strip();
        if (name.length() > LONGEST) {
            throw new RefusedException("who", "is longer than " + LONGEST + " letters");
        }
        return name;
    }

    private static List<PersonView.Line> lines(Erasing found) {
        List<PersonView.Line> lines = new ArrayList<>();
        for (Map.Entry<Erasing.Found, Integer> one : found.found()) {
            Erasing.Found f = one.getKey();
            lines.add(new PersonView.Line("found-" + lines.size(), f.where(), f.text(), f.instead(), one.getValue()));
        }
        return lines;
    }

    private static String sum(Erasing found) {
        return found.times() == 1 ? "once" : found.times() + " times";
    }

    private static String more(Erasing found) {
        return found.more() == 0 ? "" : "It is in " + found.more() + " more texts, too many to list here.";
    }

    private String copies() {
        List<LocalDate> days = copies.days();
        if (days.isEmpty()) {
            return "There are no safety copies on this computer.";
        }
        String first = days.get(0).format(DAY);
        String last = days.get(days.size() - 1).format(DAY);
        String many = (days.size() == 1 ? "The safety copy of " : "The " + days.size() + " safety copies of ")
                + (first.equals(last) ? first : first + " to " + last)
                + (days.size() == 1 ? " still has" : " still have");
        return many
                + " what was there then. Each goes when ten newer ones have been made; to be rid of it now, delete the files in "
                + copies.folder() + ".";
    }
}
