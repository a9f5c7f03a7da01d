package velnik.core;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.belongToAnyOf;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.Reader;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.Writer;
import org.testng.annotations.Test;

public class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("velnik.core");

    @Test
    public void core_isPure() {
        noClasses()
                .should()
                .dependOnClassesThat(resideInAnyPackage(
                                "org.springframework..",
                                "jakarta..",
                                "org.hibernate..",
                                "tools.jackson..",
                                "java.io..",
                                "java.nio.file..",
                                "java.net.http..",
                                "java.sql..",
                                "java.util.concurrent..")
                        // what writes into memory and reads from it alone
                        .and(not(belongToAnyOf(StringWriter.class, Writer.class, StringReader.class, Reader.class))))
                .because("the core reads and writes nothing and knows no framework")
                .check(CORE.that(not(resideInAPackage("..templates.."))));
    }

    @Test
    public void core_knowsNoClockAndNoChance() {
        noClasses().should().callMethod(java.time.Instant.class, "now").check(CORE);
        noClasses()
                .should()
                .dependOnClassesThat()
                .belongToAnyOf(java.time.Clock.class, java.util.UUID.class)
                .check(CORE);
        noClasses().should().callMethod(System.class, "currentTimeMillis").check(CORE);
        noClasses().should().callMethod(System.class, "nanoTime").check(CORE);
    }

    @Test
    public void packages_formNoCircle() {
        slices().matching("velnik.core.(*)..").should().beFreeOfCycles().check(CORE);
    }
}
