package app.yunque;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.finding.Checks;
import app.yunque.inspection.UnitKind;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Told;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.Modifier;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What a public rule says of itself has to be true: screens, papers and the API are made from it. */
class PublicRulesTest {
    private static final List<JavaMethod> RULES =
            new ClassFileImporter()
                            .withImportOption(new ImportOption.DoNotIncludeTests())
                            .importPackages("app.yunque")
                            .stream()
                            .flatMap(c -> c.getMethods().stream())
                            .filter(m -> m.isAnnotatedWith(PublicRule.class))
                            .toList();

    private static PublicRule mark(JavaMethod rule) {
        return rule.getAnnotationOfType(PublicRule.class);
    }

    @Test
    void everyRuleOfTheRoomsOfSettingIsPublic() {
        var rooms = List.of("fit", "bearing", "shim", "spring", "alignment", "cost");
        var tell =
                new ClassFileImporter()
                                .withImportOption(new ImportOption.DoNotIncludeTests())
                                .importPackages(rooms.stream().map(r -> "app.yunque." + r).toList())
                                .stream()
                                .filter(
                                        c ->
                                                c.getFields().stream()
                                                        .anyMatch(
                                                                f ->
                                                                        f.getRawType()
                                                                                .isEquivalentTo(
                                                                                        Told
                                                                                                .class)))
                                .filter(
                                        c ->
                                                c.getMethods().stream()
                                                        .noneMatch(
                                                                m ->
                                                                        m.isAnnotatedWith(
                                                                                PublicRule.class)))
                                .toList();
        assertThat(tell).isEmpty();
        assertThat(RULES).hasSizeGreaterThan(50);
    }

    @Test
    void standsInTheRoomItNames() {
        assertThat(RULES)
                .allSatisfy(
                        r -> {
                            assertThat(mark(r).at()).matches("[a-z]+/[a-z][a-z0-9-]*");
                            // A room may have rooms of its own; the address names the whole of it.
                            assertThat(r.getOwner().getPackageName() + ".")
                                    .startsWith(
                                            "app.yunque."
                                                    + mark(r).at().replaceAll("/.*", "")
                                                    + ".");
                            assertThat(
                                            r.reflect().getModifiers()
                                                    & (Modifier.STATIC | Modifier.PUBLIC))
                                    .isEqualTo(Modifier.STATIC | Modifier.PUBLIC);
                            assertThat(mark(r).says()).endsWith(".");
                            assertThat(mark(r).title()).doesNotEndWith(".");
                        });
        assertThat(RULES.stream().map(r -> mark(r).at())).doesNotHaveDuplicates();
        assertThat(RULES.stream().map(r -> mark(r).title())).doesNotHaveDuplicates();
    }

    /** A check or a step that is not there would open nothing on the screen. */
    @Test
    void answersChecksAndStepsThatAreThere() {
        var steps =
                Arrays.stream(UnitKind.values())
                        .flatMap(k -> k.setting().stream())
                        .collect(Collectors.toSet());
        assertThat(RULES)
                .allSatisfy(
                        r -> {
                            assertThat(mark(r).answers())
                                    .allSatisfy(c -> assertThat(Checks.find(c)).as(c).isPresent());
                            assertThat(steps).containsAll(List.of(mark(r).sets()));
                        });
    }

    /** A check that is answered is one that is measured: what is only looked at has its words. */
    @Test
    void answersOnlyWhatIsMeasured() {
        assertThat(RULES)
                .allSatisfy(
                        r ->
                                assertThat(mark(r).answers())
                                        .allSatisfy(
                                                c ->
                                                        assertThat(Checks.of(c).measured())
                                                                .as(c)
                                                                .isNotEmpty()));
    }
}
