package app.yunque.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import app.yunque.measure.Edges;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zoned;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class FeaturesKeepToThemselvesTest {
    private final JavaClasses server =
            new ClassFileImporter()
                    .withImportOption(new ImportOption.DoNotIncludeTests())
                    .importPackages("app.yunque.server");

    @Test
    void entitiesAndRepositoriesStayInTheirRoom() {
        classes()
                .that()
                .haveSimpleNameEndingWith("Entity")
                .or()
                .haveSimpleNameEndingWith("Repository")
                .should()
                .bePackagePrivate()
                .check(server);
    }

    @Test
    void roomsDoNotLeanOnEachOtherInACircle() {
        slices().matching("app.yunque.server.(*)..").should().beFreeOfCycles().check(server);
    }

    /** Forms that describe themselves are the top of the house: only the doors of the bench, its report and the demo ask them. */
    @Test
    void nothingStandsOnTheDrawers() {
        noClasses()
                .that()
                .resideOutsideOfPackages(
                        "app.yunque.server.drawer..",
                        "app.yunque.server.bench..",
                        "app.yunque.server.report..",
                        "app.yunque.server.demo..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("app.yunque.server.drawer..")
                .check(server);
    }

    /** What every sheet is made of knows no room that keeps one. */
    @Test
    void aSheetKnowsNoPlaceAndNoUnit() {
        noClasses()
                .that()
                .resideInAPackage("app.yunque.server.sheet..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "app.yunque.server.place..",
                        "app.yunque.server.unit..",
                        "app.yunque.server.job..",
                        "app.yunque.server.drawer..")
                .check(server);
    }

    /** What a reading means is decided in the core: here a verdict is carried and shown, never made. */
    @Test
    void judgesNothing() {
        var judged = noClasses().should().dependOnClassesThat().haveSimpleName("GuardBand");
        for (var verdict : Verdict.values()) {
            judged = judged.orShould().accessField(Verdict.class, verdict.name());
        }
        judged.orShould()
                .callMethod(
                        Zoned.class, "of", Edges.class, double.class, double.class, boolean.class)
                .check(server);
    }

    @Test
    void computesNoTrigonometryOfItsOwn() {
        noClasses()
                .should()
                .callMethod(Math.class, "tan", double.class)
                .orShould()
                .callMethod(Math.class, "cos", double.class)
                .orShould()
                .callMethod(Math.class, "sin", double.class)
                .check(server);
    }
}
