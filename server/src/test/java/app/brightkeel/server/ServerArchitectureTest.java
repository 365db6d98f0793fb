package app.brightkeel.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

public class ServerArchitectureTest {

    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("app.brightkeel.server");

    /** A second Jackson lies on the class path of tests; importing it by mistake would change the JSON in silence. */
    @Test
    public void oneJacksonOneStoreNoCycles() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("com.fasterxml.jackson.databind..", "com.fasterxml.jackson.core..")
                .check(SERVER);
        noClasses()
                .that()
                .resideOutsideOfPackage("..server.store..")
                .and()
                .doNotHaveSimpleName("DataDirectory")
                .and()
                .doNotHaveSimpleName("BackupCommand")
                .and()
                .doNotHaveSimpleName("BrightKeel")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("java.sql..")
                .check(SERVER);
        slices().matching("app.brightkeel.server.(*)..")
                .should()
                .beFreeOfCycles()
                .check(SERVER);
    }
}
