package app.yunque.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

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
