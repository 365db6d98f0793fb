package app.brightkeel.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.testng.annotations.Test;

/** Core stays pure, and its packages point one way. */
public class ArchitectureTest {

    private static final String ROOT = "app.brightkeel.core.";

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
                        // graphs of steps
                        "org.jgrapht..",
                        // likelihoods of readings
                        "org.hipparchus..",
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

    /** What every package but those may know: the rig, its numbers, its line of reasoning. */
    private static final Set<String> GROUND = Set.of("quantity", "refusal", "reference", "rig", "line");

    /** Every package, each above all that it knows besides the ground: physics in its order, judgement, pictures. */
    private static final List<Map.Entry<String, Set<String>>> FLOORS = List.of(
            may("quantity", ""),
            may("refusal", ""),
            may("reference", "quantity"),
            may("rig", "quantity refusal reference"),
            may("line", "quantity rig"),
            may("harness", ""),
            may("gear", ""),
            may("craft", ""),
            may("water", ""),
            may("pack", ""),
            may("reach", ""),
            may("enclosure", ""),
            may("fastening", ""),
            may("route", ""),
            may("sonar", "craft water"),
            may("layout", "craft route"),
            may("load", "harness gear pack"),
            may("parts", "harness gear enclosure fastening route"),
            may("circuit", "harness pack load"),
            may("mount", "craft sonar"),
            may("protection", "pack load circuit"),
            may("battery", "harness pack load circuit"),
            may("review", "reach"),
            may("review.change.water", "water review"),
            may("review.change.mount", "gear craft route mount review"),
            may("review.change.fuse", "pack load protection review"),
            may("review.change.wire", "harness pack route load circuit protection review"),
            may("review.change.screen", "gear reach route load review review.change.wire"),
            may("review.change.transducer", "gear water route sonar review review.change.wire"),
            may("review.change.battery", "harness gear pack load battery review review.change.screen"),
            may("review.change.carry", "gear craft enclosure fastening route layout review review.change.battery"),
            may("review.change.cable", "gear route review review.change.mount review.change.carry"),
            may("review.change.part", "harness gear fastening route review"),
            may("review.water", "water review review.change.water"),
            may("review.transducer", "water sonar review review.change.mount review.change.transducer"),
            may("review.mount", "craft reach mount review review.change.mount review.change.carry"),
            may(
                    "review.screen",
                    "reach sonar load battery review review.change.mount review.change.screen review.change.carry"),
            may("review.fuse", "harness load protection review review.change.fuse review.change.wire"),
            may("review.carry", "craft pack reach enclosure fastening layout load review review.change.carry"),
            may("review.cable", "route review review.change.carry review.change.cable"),
            may(
                    "review.wire",
                    "harness gear route circuit protection review review.change.wire review.change.battery review.change.cable review.fuse"),
            may(
                    "review.battery",
                    "harness pack load parts battery review review.change.wire review.change.screen review.change.battery review.fuse review.carry review.wire"),
            may(
                    "review.whole",
                    "gear route layout load parts battery review review.change.battery review.change.mount review.change.screen review.change.wire review.change.part review.change.water review.water review.transducer review.mount review.screen review.fuse review.carry review.cable review.wire review.battery"),
            may("build", "harness reach craft enclosure fastening route layout circuit parts review"),
            may("garage", "harness gear parts review review.change.battery"),
            may("reading", "harness pack load circuit"),
            may("trip", "pack load battery review"),
            may("demo", "gear trip review"),
            may("care", "battery trip"),
            may("station", "garage gear load battery parts build care review review.whole"),
            may(
                    "advice",
                    "garage station harness gear route sonar layout load battery review review.change.battery review.change.carry review.change.mount review.change.transducer review.change.wire review.whole"),
            may("symptom", "harness pack load circuit battery reading review"),
            may("lists", "enclosure layout parts battery build reading trip review review.whole"),
            may(
                    "picture",
                    "harness craft water pack reach enclosure route sonar layout load circuit mount protection battery build reading trip review review.change.battery review.whole advice"));

    private static Map.Entry<String, Set<String>> may(String known, String knows) {
        return Map.entry(known, knows.isEmpty() ? Set.of() : Set.of(knows.split(" ")));
    }

    @Test
    public void everyPackageStandsAboveWhatItKnowsAndKnowsNothingElse() {
        Map<String, Set<String>> listed = new TreeMap<>();
        for (Map.Entry<String, Set<String>> floor : FLOORS) {
            assertTrue(listed.keySet().containsAll(floor.getValue()), floor + " knows a package that stands above it");
            listed.put(floor.getKey(), floor.getValue());
        }
        Map<String, Set<String>> found = new TreeMap<>();
        for (JavaClass each : CORE) {
            Set<String> knows = found.computeIfAbsent(within(each), name -> new TreeSet<>());
            for (Dependency dependency : each.getDirectDependenciesFromSelf()) {
                JavaClass target = dependency.getTargetClass().getBaseComponentType();
                if (target.getPackageName().startsWith(ROOT) && !within(target).equals(within(each))) {
                    knows.add(within(target));
                }
            }
            if (!GROUND.contains(within(each))) {
                knows.removeAll(GROUND);
            }
        }
        assertEquals(found.keySet(), listed.keySet());
        found.forEach((name, knows) -> {
            // a constant leaves no trace in the classes: what is listed may be more
            knows.removeAll(listed.get(name));
            assertEquals(knows, Set.of(), name + " knows what is not listed");
        });
    }

    private static String within(JavaClass each) {
        return each.getPackageName().substring(ROOT.length());
    }

    @Test
    public void nothingStaticCanChange() {
        fields().that().areStatic().and().areNotPrivate().should().beFinal().check(CORE);
        fields().that().areStatic().should().beFinal().check(CORE);
    }
}
