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

    /** Files are named by whoever starts the program, or by the program: nothing behind a controller can name one. */
    @Test
    public void requestsReachNoFile() {
        noClasses()
                .that()
                .resideInAnyPackage("..server.http..", "..server.files..", "..server.store..", "..server.access..")
                .and()
                .doNotHaveSimpleName("Scratch") // a file for one request, named by the system
                .and()
                .doNotHaveSimpleName("Backup")
                .and()
                .doNotHaveSimpleName("Passphrase")
                .and()
                .doNotHaveSimpleName("KeyHolders") // the passphrase file of the data directory
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.nio.file..")
                .orShould()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.io.File")
                .check(SERVER);
    }

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
