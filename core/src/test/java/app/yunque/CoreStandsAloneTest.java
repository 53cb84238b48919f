package app.yunque;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Arrays;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class CoreStandsAloneTest {
    private final JavaClasses core =
            new ClassFileImporter()
                    .withImportOption(new ImportOption.DoNotIncludeTests())
                    .importPackages("app.yunque");

    private static final String[] ALLOWED = {
        "app.yunque..",
        "java.lang..",
        "java.util..",
        "java.math..",
        "java.time..",
        "org.jgrapht..",
        "org.hipparchus..",
        "org.jspecify.."
    };

    private static String[] and(String[] some, String... more) {
        return Stream.concat(Arrays.stream(some), Arrays.stream(more)).toArray(String[]::new);
    }

    @Test
    void knowsNoFrameworkStorageOrNetwork() {
        // The table of checks ships with the core; one class reads it.
        noClasses()
                .that()
                .doNotHaveSimpleName("TableLines")
                .should()
                .dependOnClassesThat()
                .resideOutsideOfPackages(ALLOWED)
                .check(core);
        noClasses()
                .that()
                .haveSimpleName("TableLines")
                .should()
                .dependOnClassesThat()
                .resideOutsideOfPackages(and(ALLOWED, "java.io..", "java.nio.charset.."))
                .check(core);
    }

    @Test
    void knowledgeFlowsOneWay() {
        noClasses()
                .that()
                .resideInAPackage("..measure..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "..gear..",
                        "..drive..",
                        "..lubricant..",
                        "..teardown..",
                        "..finding..",
                        "..upkeep..")
                .check(core);
        noClasses()
                .that()
                .resideInAnyPackage("..gear..", "..lubricant..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("..drive..", "..teardown..", "..finding..", "..upkeep..")
                .check(core);
        noClasses()
                .that()
                .resideInAnyPackage("..drive..", "..teardown..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("..finding..", "..upkeep..")
                .check(core);
    }

    /** Each question about lubricants can be read without the ones that lean on it. */
    @Test
    void roomsOfLubricantsLeanOnEachOtherOneWayOnly() {
        slices().matching("app.yunque.lubricant.(*)..").should().beFreeOfCycles().check(core);
        noClasses()
                .that()
                .resideInAPackage("app.yunque.lubricant.*")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("app.yunque.lubricant")
                .check(core);
    }
}
