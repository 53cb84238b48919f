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
