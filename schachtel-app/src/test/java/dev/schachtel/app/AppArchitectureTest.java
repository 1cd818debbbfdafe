package dev.schachtel.app;

import org.junit.jupiter.api.Test;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

/** Controllers translate; entities stay where they are stored; the core is not bypassed. */
class AppArchitectureTest {
    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("dev.schachtel.app");

    @Test
    void entitiesDontLeaveTheirPackage() {
        classes()
                .that()
                .haveSimpleNameEndingWith("Entity")
                .should()
                .bePackagePrivate()
                .check(APP);
        classes()
                .that()
                .haveSimpleNameEndingWith("Repository")
                .should()
                .bePackagePrivate()
                .check(APP);
    }

    @Test
    void controllersDontEngineer() {
        noClasses()
                .that()
                .haveSimpleNameEndingWith("Controller")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("dev.schachtel.core.engineering..", "org.locationtech..", "jakarta.persistence..")
                .check(APP);
    }

    /** No two packages of the application need each other, directly or by way of others. */
    @Test
    void packagesFormNoCircle() {
        SlicesRuleDefinition.slices()
                .matching("dev.schachtel.app.(*)..")
                .should()
                .beFreeOfCycles()
                .check(APP);
    }
}
