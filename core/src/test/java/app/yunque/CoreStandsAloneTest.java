package app.yunque;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class CoreStandsAloneTest {
    private final JavaClasses core =
            new ClassFileImporter()
                    .withImportOption(new ImportOption.DoNotIncludeTests())
                    .importPackages("app.yunque");

    @Test
    void knowsNoFrameworkStorageOrNetwork() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideOutsideOfPackages(
                        "app.yunque..",
                        "java.lang..",
                        "java.util..",
                        "java.math..",
                        "java.time..",
                        "org.jgrapht..",
                        "org.hipparchus..",
                        "org.jspecify..")
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
}
