package wildchalk.launcher;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;

/** The walls of the house. */
@AnalyzeClasses(packages = "wildchalk", importOptions = ImportOption.DoNotIncludeTests.class)
class WallsTest {

    private static final long MOST_FILES = 45;

    @ArchTest
    static final ArchRule CORE_IS_PURE = noClasses()
            .that()
            .resideInAPackage("wildchalk.core..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "javafx..",
                    "java.awt..",
                    "javax.swing..",
                    "java.sql..",
                    "javax.sql..",
                    "com.fasterxml..",
                    "wildchalk.storage..",
                    "wildchalk.handout..",
                    "wildchalk.desktop..",
                    "wildchalk.launcher..");

    @ArchTest
    static final ArchRule STORAGE_SHOWS_NOTHING = noClasses()
            .that()
            .resideInAPackage("wildchalk.storage..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "javafx..", "java.awt..", "wildchalk.handout..", "wildchalk.desktop..", "wildchalk.launcher..");

    @ArchTest
    static final ArchRule HANDOUT_KNOWS_NO_WINDOW = noClasses()
            .that()
            .resideInAPackage("wildchalk.handout..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "javafx..",
                    "java.sql..",
                    "wildchalk.storage.book..",
                    "wildchalk.desktop..",
                    "wildchalk.launcher..");

    @ArchTest
    static final ArchRule DESKTOP_KNOWS_NO_COMMAND_LINE = noClasses()
            .that()
            .resideInAPackage("wildchalk.desktop..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("wildchalk.launcher..", "picocli..", "java.sql..", "com.fasterxml..");

    /**
     * Each package is a room of its own, however deep it lies: what lies in one may be needed by what lies round it or
     * the other way, not both.
     */
    @ArchTest
    static final ArchRule ROOMS_DO_NOT_NEED_EACH_OTHER_IN_CIRCLES =
            slices().matching("wildchalk.(**)").should().beFreeOfCycles();

    /** The same for what rooms lie in: a wing needs another one or is needed by it. */
    @ArchTest
    static final ArchRule WINGS_OF_CORE_DO_NOT_NEED_EACH_OTHER_IN_CIRCLES =
            slices().matching("wildchalk.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule WINGS_OF_THE_DESKTOP_DO_NOT_NEED_EACH_OTHER_IN_CIRCLES =
            slices().matching("wildchalk.desktop.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule WHAT_THE_BOARD_KNOWS_SHOWS_NOTHING = noClasses()
            .that()
            .resideInAPackage("wildchalk.desktop.board.state..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx.scene..", "javafx.stage..");

    @ArchTest
    static final ArchRule WHAT_IS_SHOWN_TO_PEOPLE_CANNOT_BE_CHANGED = noClasses()
            .that()
            .resideInAPackage("wildchalk.desktop.show..")
            .should()
            .dependOnClassesThat()
            .haveSimpleNameStartingWith("BoardState")
            .orShould()
            .dependOnClassesThat()
            .haveSimpleNameStartingWith("DrillDocument")
            .orShould()
            .dependOnClassesThat()
            .resideInAnyPackage("wildchalk.desktop.board.hand..", "wildchalk.desktop.board.card..");

    @ArchTest
    static void noRoomHasMoreFilesThanCanBeOverseen(JavaClasses house) {
        Map<String, Long> files = house.stream()
                .filter(c -> c.getSource().isPresent())
                .collect(Collectors.groupingBy(
                        JavaClass::getPackageName,
                        Collectors.mapping(
                                c -> c.getSource().get().getFileName().orElse(""),
                                Collectors.collectingAndThen(Collectors.toSet(), names -> (long) names.size()))));
        assertTrue(files.size() > 20, () -> "rooms were seen at all: " + files.keySet());
        assertEquals(
                Map.of(),
                files.entrySet().stream()
                        .filter(e -> e.getValue() > MOST_FILES)
                        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
    }

    /**
     * Whoever works beside the window says what is done about trouble: a future without that branch fails where nobody
     * hears.
     */
    @ArchTest
    static final ArchRule WORK_BESIDE_THE_WINDOW_IS_BEGUN_IN_ONE_PLACE = noClasses()
            .that()
            .resideInAPackage("wildchalk.desktop..")
            .should()
            .callMethodWhere(target(owner(type(CompletableFuture.class)))
                    .and(target(nameMatching("thenAccept|thenApply|runAsync|thenRunAsync"))));

    /** Only the opening of a book begins before there is a window, and whoever waits for it hears of trouble. */
    @ArchTest
    static final ArchRule ONLY_THE_APPLICATION_BEGINS_A_FUTURE = noClasses()
            .that()
            .resideInAPackage("wildchalk.desktop..")
            .and()
            .doNotHaveFullyQualifiedName("wildchalk.desktop.OpenWindow")
            .should()
            .callMethodWhere(
                    target(owner(type(CompletableFuture.class))).and(target(nameMatching("supplyAsync|whenComplete"))));
}
