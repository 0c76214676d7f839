package wildchalk.launcher;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The walls of the house. */
@AnalyzeClasses(packages = "wildchalk", importOptions = ImportOption.DoNotIncludeTests.class)
class WallsTest {

    @ArchTest
    static final ArchRule CORE_IS_PURE = noClasses().that().resideInAPackage("wildchalk.core..")
            .should().dependOnClassesThat().resideInAnyPackage("javafx..", "java.awt..", "javax.swing..", "java.sql..",
                    "javax.sql..", "com.fasterxml..", "wildchalk.storage..", "wildchalk.handout..",
                    "wildchalk.desktop..", "wildchalk.launcher..");

    @ArchTest
    static final ArchRule STORAGE_SHOWS_NOTHING = noClasses().that().resideInAPackage("wildchalk.storage..")
            .should().dependOnClassesThat().resideInAnyPackage("javafx..", "java.awt..", "wildchalk.handout..",
                    "wildchalk.desktop..", "wildchalk.launcher..");

    @ArchTest
    static final ArchRule HANDOUT_KNOWS_NO_WINDOW = noClasses().that().resideInAPackage("wildchalk.handout..")
            .should().dependOnClassesThat().resideInAnyPackage("javafx..", "java.sql..", "wildchalk.storage.book..",
                    "wildchalk.desktop..", "wildchalk.launcher..");

    @ArchTest
    static final ArchRule DESKTOP_KNOWS_NO_COMMAND_LINE = noClasses().that().resideInAPackage("wildchalk.desktop..")
            .should().dependOnClassesThat().resideInAnyPackage("wildchalk.launcher..", "picocli..", "java.sql..",
                    "com.fasterxml..");

    @ArchTest
    static final ArchRule ROOMS_OF_CORE_DO_NOT_NEED_EACH_OTHER_IN_CIRCLES =
            slices().matching("wildchalk.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule ROOMS_OF_HAND_OUTS_DO_NOT_NEED_EACH_OTHER_IN_CIRCLES =
            slices().matching("wildchalk.handout.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule ROOMS_OF_THE_DESKTOP_DO_NOT_NEED_EACH_OTHER_IN_CIRCLES =
            slices().matching("wildchalk.desktop.(*)..").should().beFreeOfCycles();
}
