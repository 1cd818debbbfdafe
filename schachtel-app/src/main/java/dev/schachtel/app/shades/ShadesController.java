package dev.schachtel.app.shades;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

import dev.schachtel.app.frame.Download;
import dev.schachtel.app.frame.Uploaded;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.colour.ChartReader;
import dev.schachtel.core.colour.Palette;
import dev.schachtel.core.edit.ShadeEdit;
import dev.schachtel.core.images.ImageFile;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.MediumUse;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.print.ShadeCsv;
import dev.schachtel.core.print.SwatchChart;

/** The page Colours: what the maker owns to colour with. */
@Controller
@RequestMapping("/stock/colours")
class ShadesController {
    private static final int LARGEST_LIST = 2 * 1024 * 1024;
    /** Points of a scan along its longer side: a field of the chart is 60 of them wide. */
    private static final int SCAN = 1_600;

    private static final int PHOTO = 400;
    private static final String HERE = "redirect:/stock/colours";

    private final Workshops workshops;
    private final ShadesDesk desk;
    private final Wishes wishes;

    ShadesController(Workshops workshops, ShadesDesk desk, Wishes wishes) {
        this.workshops = workshops;
        this.desk = desk;
        this.wishes = wishes;
    }

    @GetMapping
    String page(@RequestParam(defaultValue = "") String pick, Model model) {
        model.addAttribute("v", desk.view(workshops.now(), pick));
        model.addAttribute("pick", pick);
        return "shades/page";
    }

    @PostMapping("/set")
    String set(@RequestParam String id, @RequestParam String what, @RequestParam String value) {
        MaterialId known = id(id);
        workshops.change(w -> w.shaded(new ShadeEdit(w.shades()).set(known, what, value)));
        return to(id);
    }

    @PostMapping("/add")
    String add(@RequestParam String name, @RequestParam String medium, @RequestParam String colour) {
        workshops.change(w -> w.shaded(new ShadeEdit(w.shades()).add(name, medium, colour)));
        List<Shade> all = workshops.now().shades();
        return to(all.get(all.size() - 1).id().value());
    }

    @PostMapping("/remove")
    String remove(@RequestParam String id) {
        MaterialId known = id(id);
        workshops.change(w -> w.shaded(new ShadeEdit(w.shades()).remove(known)));
        return HERE;
    }

    /** Which tones go first with a medium, and what a full one covers. */
    @PostMapping("/use")
    String use(
            @RequestParam(defaultValue = "") String medium,
            @RequestParam(defaultValue = "false") boolean darkFirst,
            @RequestParam(defaultValue = "") String covers) {
        Medium of = Arrays.stream(Medium.values())
                .filter(m -> Scalars.kebab(m.name()).equals(medium))
                .findFirst()
                .orElseThrow(() -> new RefusedException("medium", "there is none of this name; load the page again"));
        if (!covers.strip().matches("\\d{1,6}") || Integer.parseInt(covers.strip()) < 1) {
            throw new RefusedException(
                    of.title(),
                    "covers a whole number of square centimetres, 1 to 999999; not '" + covers.strip() + "'");
        }
        workshops.change(w -> w.using(new MediumUse(of, darkFirst, Integer.parseInt(covers.strip()))));
        return HERE;
    }

    /** What all cards take together, which takes a plan of every card. */
    @GetMapping("/wishes")
    String wishes(Model model) {
        model.addAttribute("wishes", wishes.all());
        return "shades/wishes";
    }

    @GetMapping("/colours.csv")
    ResponseEntity<byte[]> csv() {
        return Download.of(
                "colours.csv",
                MediaType.parseMediaType("text/csv;charset=UTF-8"),
                ShadeCsv.write(workshops.now().shades()).getBytes(StandardCharsets.UTF_8));
    }

    @PostMapping("/import")
    String read(@RequestParam MultipartFile file) throws IOException {
        if (file.getSize() > LARGEST_LIST) {
            throw new RefusedException("list", "is larger than 2 MB");
        }
        String text = Uploaded.text(file.getBytes(), "list");
        workshops.change(w -> w.shaded(ShadeCsv.read(text, w.shades())));
        return HERE;
    }

    @GetMapping("/chart.pdf")
    ResponseEntity<byte[]> chart() {
        return Download.of(
                "swatch-chart.pdf",
                MediaType.APPLICATION_PDF,
                SwatchChart.pdf(workshops.now().shades(), Units.MM));
    }

    /** What a scan of a page of the chart says; nothing is taken before the maker has looked at it. */
    @PostMapping("/scan")
    String scan(@RequestParam MultipartFile file, @RequestParam(defaultValue = "1") int page, Model model)
            throws IOException {
        List<Shade> fields = SwatchChart.on(workshops.now().shades(), Math.max(1, page));
        ChartReader.Answer answer = ChartReader.read(ImageFile.raster(file.getBytes(), SCAN, "scan"));
        if (!answer.troubles().isEmpty()) {
            throw new RefusedException(
                    "scan",
                    answer.troubles().contains(ChartReader.Trouble.CUT_OFF)
                            ? "shows not all four corner squares of the chart: scan the whole page"
                            : "has no patches of grey that can be told apart: scan it lighter, or print the chart anew");
        }
        model.addAttribute("read", desk.read(fields, answer.colours()));
        model.addAttribute("turned", answer.quarters());
        return page("", model);
    }

    /** The measured colours are taken. */
    @PostMapping("/take")
    String take(@RequestParam List<String> id, @RequestParam List<String> colour) {
        Map<MaterialId, Colour> measured = new LinkedHashMap<>();
        for (int i = 0; i < Math.min(id.size(), colour.size()); i++) {
            measured.put(id(id.get(i)), ShadeEdit.colour(colour.get(i)));
        }
        workshops.change(w -> w.shaded(new ShadeEdit(w.shades()).measured(measured)));
        return HERE;
    }

    /** The colours of a photo, and what is owned nearest to each. */
    @PostMapping("/palette")
    String palette(@RequestParam MultipartFile file, Model model) throws IOException {
        List<Palette.Entry> found = Palette.of(ImageFile.raster(file.getBytes(), PHOTO, "photo"));
        model.addAttribute("found", desk.found(workshops.now(), found));
        return page("", model);
    }

    private static MaterialId id(String text) {
        if (!text.matches(MaterialId.PATTERN)) {
            throw new RefusedException("colour", "there is none of this name; load the page again");
        }
        return new MaterialId(text);
    }

    private static String to(String id) {
        return HERE + "?pick=" + id;
    }
}
