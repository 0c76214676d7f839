package wildchalk.launcher;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.concurrent.CompletableFuture;

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

    @ArchTest
    static final ArchRule ROOMS_OF_STORAGE_DO_NOT_NEED_EACH_OTHER_IN_CIRCLES =
            slices().matching("wildchalk.storage.(*)..").should().beFreeOfCycles();

    /** Whoever works beside the window says what is done about trouble: a future without that branch fails where nobody hears. */
    @ArchTest
    static final ArchRule WORK_BESIDE_THE_WINDOW_IS_BEGUN_IN_ONE_PLACE = noClasses().that().resideInAPackage("wildchalk.desktop..")
            .should().callMethodWhere(target(owner(type(CompletableFuture.class))).and(target(nameMatching("thenAccept|thenApply|runAsync|thenRunAsync"))));

    /** Only the opening of a book begins before there is a window, and whoever waits for it hears of trouble. */
    @ArchTest
    static final ArchRule ONLY_THE_APPLICATION_BEGINS_A_FUTURE = noClasses().that().resideInAPackage("wildchalk.desktop..")
            .and().doNotHaveFullyQualifiedName("wildchalk.desktop.WildChalkApp$Session")
            .should().callMethodWhere(target(owner(type(CompletableFuture.class))).and(target(nameMatching("supplyAsync|whenComplete"))));
}
