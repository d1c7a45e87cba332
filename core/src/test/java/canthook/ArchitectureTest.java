package canthook;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.name;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import canthook.plan.Bottom;
import canthook.plan.BoxPlan;
import canthook.plan.FingerChoice;
import canthook.plan.Lid;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

@AnalyzeClasses(packages = "canthook", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    /** Days and months are reckoned with here; what day it is, is told from outside. */
    @ArchTest
    static final ArchRule CORE_LOOKS_AT_NO_CLOCK = noClasses()
            .should()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.time.Clock")
            .orShould()
            .callMethodWhere(target(name("now")).and(target(owner(resideInAPackage("java.time..")))));

    @ArchTest
    static final ArchRule CORE_KNOWS_NO_FRAMEWORK = classes()
            .that()
            .resideOutsideOfPackages("canthook.breakdown.exact", "canthook.sheets.exact")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "canthook..",
                    "java.lang..",
                    "java.time..",
                    "java.util..",
                    "java.math",
                    "java.io",
                    "java.nio.charset",
                    "org.jspecify..");

    @ArchTest
    static final ArchRule ONLY_THE_TABLE_OF_WOODS_READS_ANYTHING = noClasses()
            .that()
            .doNotHaveSimpleName("Woods")
            .and()
            .areNotNestedClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.nio..", "java.net..");

    @ArchTest
    static final ArchRule ONLY_THE_EXACT_SEARCH_KNOWS_A_SOLVER = noClasses()
            .that()
            .resideOutsideOfPackages("canthook.breakdown.exact", "canthook.sheets.exact")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("com.google.ortools..");

    @ArchTest
    static final ArchRule NO_RINGS =
            SlicesRuleDefinition.slices().matching("canthook.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule WALLS_ARE_ASKED_BEFORE_THEY_ARE_SIZED =
            stage("walls", "size", "fingers", "blank", "jig", "cutlist", "fit", "seasons", "panel", "bottom", "lid");

    /**
     * A lid lowers the front, and every reader must know: they read what the walls are asked, and not the lid. The history only tells two
     * plans apart.
     */
    @ArchTest
    static final ArchRule ONLY_BOTTOM_AND_LID_READ_THE_PLANS_BOTTOM_AND_LID = noClasses()
            .that()
            .resideOutsideOfPackages("canthook.plan..", "canthook.bottom..", "canthook.lid..", "canthook.history..")
            .should()
            .callMethod(BoxPlan.class, "bottom")
            .orShould()
            .callMethod(BoxPlan.class, "lid")
            .orShould()
            .callMethod(BoxPlan.class, "with", Bottom.class)
            .orShould()
            .callMethod(BoxPlan.class, "with", Lid.class);

    /** The recommended rung is the plan: what cuts is asked of the rung, and not of the plan's own cutter. */
    @ArchTest
    static final ArchRule THE_CUTTER_IS_THE_RUNGS = noClasses()
            .that()
            .resideOutsideOfPackages("canthook.plan..", "canthook.fingers..", "canthook.fit..")
            .should()
            .callMethod(FingerChoice.class, "kerf")
            .orShould()
            .callMethod(FingerChoice.class, "tool");

    @ArchTest
    static final ArchRule SIZE_LOOKS_AT_NO_LATER_STAGE =
            stage("size", "fingers", "blank", "jig", "fit", "seasons", "panel", "bottom", "lid");

    @ArchTest
    static final ArchRule FINGERS_LOOK_BACK =
            stage("fingers", "blank", "jig", "fit", "seasons", "panel", "bottom", "lid");

    @ArchTest
    static final ArchRule BLANK_LOOKS_BACK = stage("blank", "jig", "fit", "seasons", "panel", "bottom", "lid");

    @ArchTest
    static final ArchRule CUT_LIST_LOOKS_BACK = stage("cutlist", "saw", "fit", "seasons", "panel", "bottom", "lid");

    @ArchTest
    static final ArchRule JIG_LOOKS_BACK = stage("jig", "cutlist", "fit", "seasons", "panel", "bottom", "lid");

    @ArchTest
    static final ArchRule FIT_LOOKS_BACK = stage("fit", "seasons", "panel", "bottom", "lid");

    @ArchTest
    static final ArchRule BOTTOM_LOOKS_BACK = stage("bottom", "lid");

    @ArchTest
    static final ArchRule NOTHING_WORKED_KNOWS_PICTURES = noClasses()
            .that()
            .resideOutsideOfPackages("canthook.figure..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("canthook.figure..");

    private static ArchRule stage(String stage, String... later) {
        String[] packages =
                java.util.Arrays.stream(later).map(p -> "canthook." + p + "..").toArray(String[]::new);
        String[] withPlanner = java.util.Arrays.copyOf(packages, packages.length + 1);
        withPlanner[packages.length] = "canthook.planner..";
        return noClasses()
                .that()
                .resideInAPackage("canthook." + stage + "..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(withPlanner);
    }
}
