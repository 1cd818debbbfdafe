package dev.schachtel.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.parser.OpenAPIV3Parser;
import io.swagger.v3.parser.core.models.SwaggerParseResult;

/** Each kind of file is read by two programs that know nothing of each other, and both find the same in it. */
@ExtendWith(RunningApp.class)
class ForeignReadersTest {
    private static final String NAME = "Łódź’s zebra";
    private final RunningApp app;

    @TempDir
    private Path dir;

    private String card = "";

    ForeignReadersTest(RunningApp app) {
        this.app = app;
    }

    @BeforeEach
    void aCardWithAnUncommonName() {
        CardSpec spec = CardEdit.of(RunningApp.demo("upper-station.json")).set(new Id("card"), "name", NAME);
        card = "/cards/" + app.cards().create(spec, "new").id();
    }

    private Path file(String path, String name) throws IOException {
        return Files.write(dir.resolve(name), app.bytes(path));
    }

    private static String run(String... command) throws Exception {
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(String.join(" ", command)).isZero();
        return said;
    }

    private static String python(String script, Path file) throws Exception {
        return run("/usr/bin/python3", "-X", "utf8", "-c", script, file.toString());
    }

    private static List<String> found(String pattern, String text) {
        return Pattern.compile(pattern)
                .matcher(text)
                .results()
                .map(MatchResult::group)
                .toList();
    }

    /** What stands in it, without the spaces and breaks in which readers differ. */
    private static List<String> words(String text) {
        return Pattern.compile("[\\p{L}\\p{N}’]{3,}")
                .matcher(text)
                .results()
                .map(MatchResult::group)
                .sorted()
                .distinct()
                .toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"cut-list", "shopping", "sheets", "parts", "program", "booklet"})
    void pdf(String what) throws Exception {
        Path pdf = file(card + "/" + what + ".pdf", "file.pdf");
        String one = run("pdftotext", pdf.toString(), "-");
        String other = run("mutool", "draw", "-q", "-F", "text", pdf.toString());
        assertThat(one).contains(NAME);
        assertThat(other).contains(NAME);
        assertThat(words(other)).isEqualTo(words(one));
        String pages = found("Pages: +\\d+", run("pdfinfo", pdf.toString())).get(0);
        assertThat(run("mutool", "info", pdf.toString())).contains(pages.replaceAll(" +", " "));
    }

    /** The extent of each sheet, and the letters on it. */
    @ParameterizedTest
    @ValueSource(strings = {"sheets/1", "mats/1", "parts/A"})
    void dxf(String what) throws Exception {
        String of = what.startsWith("mats")
                ? IntStream.rangeClosed(1, 18)
                        .mapToObj(id -> "/cards/" + id)
                        .filter(path -> app.get(path + "/mats/1.dxf").statusCode() == 200)
                        .findFirst()
                        .orElseThrow()
                : card;
        Path dxf = file(of + "/" + what + ".dxf", "file.dxf");
        List<Double> one = numbers(python(
                """
                import sys, ezdxf
                from ezdxf import path
                doc = ezdxf.readfile(sys.argv[1])
                assert not doc.audit().errors
                xs, ys = [], []
                for e in doc.modelspace():
                    if e.dxftype() != 'TEXT':
                        for p in path.make_path(e).flattening(0.01):
                            xs.append(p.x); ys.append(p.y)
                print(min(xs), min(ys), max(xs), max(ys))
                """,
                dxf));
        String about = run("ogrinfo", "-so", "-al", "-where", "Text IS NULL OR Text = ''", dxf.toString(), "entities");
        List<Double> other = numbers(found("Extent: .*", about).get(0));
        assertThat(one).hasSize(4);
        assertThat(other).hasSize(4);
        for (int i = 0; i < one.size(); i++) {
            assertThat(other.get(i)).isCloseTo(one.get(i), within(0.05));
        }
        String texts = python(
                "import sys, ezdxf; doc = ezdxf.readfile(sys.argv[1]);"
                        + " [print(e.dxf.text) for e in doc.modelspace() if e.dxftype() == 'TEXT']",
                dxf);
        String all = run("ogrinfo", "-al", dxf.toString());
        texts.lines().forEach(line -> assertThat(all).contains(line));
    }

    private static List<Double> numbers(String text) {
        return found("-?\\d+\\.\\d+(e-?\\d+)?", text).stream()
                .map(Double::valueOf)
                .toList();
    }

    @Test
    void calendar() throws Exception {
        Path ics = file(card + "/build.ics", "file.ics");
        String one = python(
                """
                import sys, icalendar
                from datetime import timezone
                for e in icalendar.Calendar.from_ical(open(sys.argv[1], 'rb').read()).walk('VEVENT'):
                    utc = lambda d: d.dt.astimezone(timezone.utc).isoformat()
                    print(e['uid'], utc(e['dtstart']), utc(e['dtend']), e['summary'])
                """,
                ics);
        String other = python(
                """
                import sys, vobject
                from datetime import timezone
                utc = lambda d: d.value.astimezone(timezone.utc).isoformat()
                for e in vobject.readOne(open(sys.argv[1], encoding='utf8', newline='').read()).vevent_list:
                    print(e.uid.value, utc(e.dtstart), utc(e.dtend), e.summary.value)
                """,
                ics);
        assertThat(one).contains(NAME);
        assertThat(one.lines()).isNotEmpty();
        assertThat(other).isEqualTo(one);
    }

    @ParameterizedTest
    @ValueSource(strings = {"cut-list", "stock"})
    void tables(String what) throws Exception {
        boolean stock = what.equals("stock");
        Path csv = file(stock ? "/stock/stock.csv" : card + "/cut-list.csv", "file.csv");
        String one = python(
                """
                import sys, csv
                for row in csv.reader(open(sys.argv[1], encoding='utf-8-sig', newline='')):
                    print('|'.join(row))
                """,
                csv);
        String other = run(
                "sqlite3",
                "-list",
                "-separator",
                "|",
                "-header",
                ":memory:",
                ".mode csv",
                ".import " + csv + " t",
                ".mode list",
                "select * from t");
        assertThat(one.lines().count()).isGreaterThan(10);
        assertThat(other.replace("\uFEFF", "")).isEqualTo(one);
    }

    @Test
    void interfaceForPrograms() {
        SwaggerParseResult read = new OpenAPIV3Parser().readLocation(app.address() + "/api/openapi", List.of(), null);
        assertThat(read.getMessages()).isEmpty();
        OpenAPI api = read.getOpenAPI();
        assertThat(api.getInfo().getTitle()).isEqualTo("Schachtel");
        assertThat(api.getPaths().get("/api/plan").getPost().getRequestBody().getRequired())
                .isTrue();
        assertThat(api.getComponents().getSchemas()).containsKey("Refusal");
    }
}
