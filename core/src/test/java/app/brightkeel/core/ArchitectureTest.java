package app.brightkeel.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

/** Core stays pure, its packages point one way, and no two need each other. */
public class ArchitectureTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("app.brightkeel.core");

    @Test
    public void coreKnowsNoFrameworkNoJsonNoDatabaseAndNoFiles() {
        classes()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "app.brightkeel.core..",
                        "java.lang..",
                        "java.util..",
                        "java.math..",
                        "java.time..",
                        "org.jspecify..",
                        "javax.annotation.processing..",
                        // resources of our own, read through the common CSV library in reference.Table alone
                        "org.apache.commons.csv..",
                        "java.io..",
                        "java.nio.charset..")
                .check(CORE);
        noClasses()
                .that()
                .doNotHaveSimpleName("Table")
                .and()
                .resideOutsideOfPackage("..core.reference..")
                .and()
                .resideOutsideOfPackage("..core.gear..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.io..", "java.nio..", "org.apache.commons..")
                .because("files are the server's business")
                .check(CORE.that(com.tngtech.archunit.base.DescribedPredicate.describe(
                        "are no builders", c -> !c.getName().contains("Builder"))));
    }

    @Test
    public void packagesPointAlongThePhysicalOrder() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("ground")
                .definedBy("..core.refusal..", "..core.quantity..", "..core.reference..")
                .layer("rig")
                .definedBy("..core.rig..")
                .layer("line")
                .definedBy("..core.line..")
                .layer("water")
                .definedBy("..core.water..")
                .layer("craft")
                .definedBy("..core.craft..")
                .layer("sonar")
                .definedBy("..core.sonar..")
                .layer("mount")
                .definedBy("..core.mount..")
                .layer("route")
                .definedBy("..core.route..")
                .layer("layout")
                .definedBy("..core.layout..", "..core.enclosure..")
                .layer("pack")
                .definedBy("..core.pack..")
                .layer("load")
                .definedBy("..core.load..")
                .layer("circuit")
                .definedBy("..core.circuit..")
                .layer("protection")
                .definedBy("..core.protection..")
                .layer("battery")
                .definedBy("..core.battery..")
                .layer("judgement")
                .definedBy("..core.review..")
                .layer("picture")
                .definedBy("..core.picture..")
                .whereLayer("picture")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("judgement")
                .mayOnlyBeAccessedByLayers("picture")
                .whereLayer("battery")
                .mayOnlyBeAccessedByLayers("judgement", "picture")
                .whereLayer("protection")
                .mayOnlyBeAccessedByLayers("judgement", "picture")
                .whereLayer("circuit")
                .mayOnlyBeAccessedByLayers("protection", "battery", "judgement", "picture")
                .whereLayer("load")
                .mayOnlyBeAccessedByLayers("circuit", "protection", "battery", "judgement", "picture")
                .whereLayer("pack")
                .mayOnlyBeAccessedByLayers("load", "circuit", "protection", "battery", "judgement", "picture")
                .whereLayer("layout")
                .mayOnlyBeAccessedByLayers("judgement", "picture")
                .whereLayer("route")
                .mayOnlyBeAccessedByLayers("layout", "judgement", "picture")
                .whereLayer("mount")
                .mayOnlyBeAccessedByLayers("judgement", "picture")
                .whereLayer("sonar")
                .mayOnlyBeAccessedByLayers("mount", "judgement", "picture")
                .whereLayer("craft")
                .mayOnlyBeAccessedByLayers("sonar", "mount", "layout", "judgement", "picture")
                .whereLayer("water")
                .mayOnlyBeAccessedByLayers("sonar", "judgement", "picture")
                .whereLayer("line")
                .mayOnlyBeAccessedByLayers(
                        "water",
                        "craft",
                        "sonar",
                        "mount",
                        "route",
                        "layout",
                        "pack",
                        "load",
                        "circuit",
                        "protection",
                        "battery",
                        "judgement",
                        "picture")
                .check(CORE);
        slices().matching("app.brightkeel.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    public void nothingStaticCanChange() {
        fields().that().areStatic().and().areNotPrivate().should().beFinal().check(CORE);
        fields().that().areStatic().should().beFinal().check(CORE);
    }
}
