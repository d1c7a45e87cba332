package canthook.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "canthook.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule ANSWERS_AND_EXPORTS_READ_ONLY_WORKED_PLANS = noClasses()
            .that()
            .resideInAnyPackage("canthook.server..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "canthook.size..",
                    "canthook.blank..",
                    "canthook.bottom..",
                    "canthook.lid..",
                    "canthook.panel..",
                    "canthook.seasons..");

    @ArchTest
    static final ArchRule ONLY_SHELF_AND_RACK_KNOW_STORAGE = noClasses()
            .that()
            .resideOutsideOfPackages(
                    "canthook.server.box..",
                    "canthook.server.rack..",
                    "canthook.server.hint..",
                    "canthook.server.breakdown..",
                    "canthook.server.sheets..",
                    "canthook.server.saw..",
                    "canthook.server.practice..",
                    "canthook.server.book..",
                    "canthook.server.gluing..",
                    "canthook.server.calendar..",
                    "canthook.server.sharing..",
                    "canthook.server.storage..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.apache.ibatis..", "java.sql..", "org.springframework.jdbc..");
}
