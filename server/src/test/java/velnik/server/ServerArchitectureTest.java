package velnik.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import java.util.concurrent.Executors;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RestController;
import org.testng.annotations.Test;

public class ServerArchitectureTest {
    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("velnik");

    @Test
    public void core_knowsNothingOfTheServer() {
        noClasses()
                .that()
                .resideInAPackage("velnik.core..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("velnik.server..")
                .check(SERVER);
    }

    @Test
    public void entities_neverLeaveStorage() {
        classes()
                .that()
                .areAnnotatedWith(Entity.class)
                .should()
                .bePackagePrivate()
                .andShould()
                .resideInAPackage("velnik.server.storage")
                .check(SERVER);
        noClasses()
                .that()
                .resideOutsideOfPackage("velnik.server.storage")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("jakarta.persistence..", "org.hibernate..", "java.sql..", "javax.sql..")
                .check(SERVER);
    }

    @Test
    public void rooms_formNoCircle() {
        slices().matching("velnik.server.(*)..").should().beFreeOfCycles().check(SERVER);
    }

    @Test
    public void controllers_getToStorageThroughAService() {
        noClasses()
                .that()
                .areAnnotatedWith(RestController.class)
                .or()
                .areAnnotatedWith(Controller.class)
                .should()
                .dependOnClassesThat()
                .haveSimpleNameEndingWith("Store")
                .check(SERVER);
    }

    @Test
    public void controllers_areNobodysBusiness() {
        classes()
                .that()
                .areAnnotatedWith(RestController.class)
                .or()
                .areAnnotatedWith(Controller.class)
                .should()
                .bePackagePrivate()
                .check(SERVER);
    }

    /** One that loads a class keeps its carrier; all of them waiting for the jar would stop the server for good. */
    @Test
    public void threads_areNeverVirtual() {
        noClasses()
                .should()
                .callMethod(Thread.class, "ofVirtual")
                .orShould()
                .callMethod(Thread.class, "startVirtualThread", Runnable.class)
                .orShould()
                .callMethod(Executors.class, "newVirtualThreadPerTaskExecutor")
                .check(SERVER);
    }
}
