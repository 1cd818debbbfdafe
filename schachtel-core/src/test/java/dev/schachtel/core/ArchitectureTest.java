package dev.schachtel.core;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

import dev.schachtel.core.card.Piece;
import dev.schachtel.core.edit.AsFarAsItGoes;
import dev.schachtel.core.model.RecordType;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

/** Holds the order of the house: packages only know those further down the list of docs/architecture.md. */
class ArchitectureTest {
    /** From the top down. Siblings of one line don't know each other. */
    private static final List<List<String>> ORDER = List.of(
            List.of("plan"),
            List.of("design", "practice"),
            List.of("scene"),
            List.of("print"),
            List.of("files"),
            List.of("outlines", "render", "images"),
            List.of("log"),
            List.of("run"),
            List.of("drawing"),
            List.of("check", "cutting", "assembly", "tolerance"),
            List.of("motion"),
            List.of("engineering"),
            List.of("build"),
            List.of("edit"),
            List.of("model"),
            List.of("card"),
            List.of("colour"),
            List.of("material", "letters"),
            List.of("work"),
            List.of("learning"),
            List.of("house"),
            List.of("pose"),
            List.of("shape"),
            List.of("measure", "guillotine", "schedule"),
            List.of("patience"));

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("dev.schachtel.core");

    private static String packageOf(String name) {
        return "dev.schachtel.core." + name + "..";
    }

    @Test
    void packagesOnlyKnowThoseBelow() {
        List<String> above = new ArrayList<>();
        for (List<String> line : ORDER) {
            for (String name : line) {
                List<String> forbidden = new ArrayList<>(above);
                line.stream()
                        .filter(other -> !other.equals(name))
                        .map(ArchitectureTest::packageOf)
                        .forEach(forbidden::add);
                if (!forbidden.isEmpty()) {
                    noClasses()
                            .that()
                            .resideInAPackage(packageOf(name))
                            .should()
                            .dependOnClassesThat()
                            .resideInAnyPackage(forbidden.toArray(String[]::new))
                            .check(CORE);
                }
            }
            line.stream().map(ArchitectureTest::packageOf).forEach(above::add);
        }
        SlicesRuleDefinition.slices()
                .matching("dev.schachtel.core.(*)..")
                .should()
                .beFreeOfCycles()
                .check(CORE);
    }

    @Test
    void everyPackageIsInTheOrder() {
        List<String> known = ORDER.stream().flatMap(List::stream).toList();
        assertThat(CORE.stream()
                        .map(c -> c.getPackageName().replace("dev.schachtel.core.", ""))
                        .distinct())
                .containsExactlyInAnyOrderElementsOf(known);
    }

    @Test
    void theCoreKnowsNoFrameworkAndOnlyShapeKnowsTheGeometryLibrary() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework..", "jakarta..", "org.hibernate..", "org.thymeleaf..")
                .check(CORE);
        noClasses()
                .that()
                .resideOutsideOfPackage("dev.schachtel.core.shape..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.locationtech..")
                .check(CORE);
    }

    /** What lies above engineering reads parts, joints, zones and motions, never the record of one kind of piece. */
    @Test
    void nothingAboveEngineeringKnowsAKindOfPiece() {
        DescribedPredicate<JavaClass> kind = DescribedPredicate.describe(
                "a kind of piece",
                c -> c.isAssignableTo(Piece.class)
                        && !c.isInterface()
                        && c.getPackageName().equals("dev.schachtel.core.card"));
        noClasses()
                .that()
                .resideInAnyPackage(Stream.of(
                                "motion",
                                "check",
                                "cutting",
                                "assembly",
                                "tolerance",
                                "drawing",
                                "run",
                                "render",
                                "outlines",
                                "files",
                                "print",
                                "plan")
                        .map(ArchitectureTest::packageOf)
                        .toArray(String[]::new))
                .should()
                .dependOnClassesThat(kind)
                .check(CORE);
    }

    /** Remedies pull levers: no component, piece or value is named by a text where a check offers one. */
    @Test
    void noRemedyNamesAnythingByText() throws Exception {
        Pattern named = Pattern.compile("(remedy|Lever\\.\\w+|Levers\\.\\w+|new Change|new Remedy)\\([^;]*\"");
        try (Stream<Path> files = Files.walk(Path.of("src/main/java/dev/schachtel/core/check"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                assertThat(named.matcher(Files.readString(file)).find())
                        .as(file.toString())
                        .isFalse();
            }
        }
    }

    /** What looks at cards, lays them out or draws them asks for what things are: no id, component or value is compared or set by its text. */
    @ParameterizedTest
    @ValueSource(
            strings = {"check", "assembly", "drawing", "motion", "scene", "plan", "cutting", "tolerance", "practice"})
    void nothingIsKnownByItsText(String name) throws Exception {
        Pattern named = Pattern.compile(
                "\\bequals\\(\"|new Id\\(\"|\"base/|\\.(set|component|length|whole|material)\\([^;\"]*\"[a-zA-Z.]+\"");
        try (Stream<Path> files = Files.walk(Path.of("src/main/java/dev/schachtel/core", name))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                assertThat(named.matcher(Files.readString(file)).results().map(MatchResult::group))
                        .as(file.toString())
                        .isEmpty();
            }
        }
    }

    /**
     * A kind of piece is its record, its engineer and its words: nothing else in the core names it, save the sealed family
     * that permits it and what proposes pieces: designs, and the first values of a new card.
     */
    @Test
    void aKindOfPieceIsTwoFiles() {
        for (Class<?> kind : RecordType.kinds(Piece.class)) {
            List<String> users = CORE.stream()
                    .filter(c -> !c.getName().startsWith(kind.getName()))
                    .filter(c -> !c.getName().contains("Engineer"))
                    .filter(c -> !c.getSimpleName().equals("Starter"))
                    .filter(c -> !c.getPackageName().endsWith(".design"))
                    .filter(c -> !c.getPackageName().endsWith(".card"))
                    .filter(c -> !c.getPackageName().endsWith(".engineering"))
                    .filter(c -> c.getDirectDependenciesFromSelf().stream()
                            .anyMatch(d -> d.getTargetClass().isEquivalentTo(kind)))
                    .map(JavaClass::getName)
                    .toList();
            assertThat(users).as(kind.getSimpleName()).isEmpty();
        }
    }

    @Test
    void noStateIsShared() {
        fields().that()
                .areStatic()
                .and()
                .doNotHaveName("$VALUES")
                .should()
                .beFinal()
                .check(CORE);
    }

    @Test
    void everyPackageSaysWhatItKnows() throws Exception {
        Path root = Path.of("src/main/java/dev/schachtel/core");
        try (Stream<Path> folders = Files.walk(root)) {
            for (Path folder : folders.filter(Files::isDirectory)
                    .filter(f -> !f.equals(root))
                    .toList()) {
                Path info = folder.resolve("package-info.java");
                assertThat(info).exists();
                assertThat(Files.readString(info)).contains("@NullMarked");
            }
        }
    }

    /** Too broad a catch hides bugs; a finding is data, not an exception. One place alone makes a finding of a bug. */
    @Test
    void nothingCatchesEverything() throws Exception {
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java"))
                    .filter(f -> !f.endsWith(AsFarAsItGoes.class.getSimpleName() + ".java"))
                    .toList()) {
                assertThat(Files.readString(file))
                        .as(file.toString())
                        .doesNotContain("catch (Exception ")
                        .doesNotContain("catch (RuntimeException ")
                        .doesNotContain("catch (Throwable ");
            }
        }
    }

    /** The order of choices on pages is that of `permits`; where none is written the compiler takes any. */
    @Test
    void familiesOfCardsSayTheirOrder() throws Exception {
        try (Stream<Path> files = Files.walk(Path.of("src/main/java/dev/schachtel/core/card"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                String text = Files.readString(file);
                assertThat(text.split("sealed interface ").length - 1)
                        .as(file.toString())
                        .isEqualTo(text.split("permits ").length - 1);
            }
        }
    }
}
