package wildchalk.desktop.book;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Venue;
import wildchalk.core.edit.Beginnings;
import wildchalk.core.pattern.PatternKind;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.desktop.control.ListButton;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.storage.book.Book;

/** Begins drills: on an empty surface, with a figure of cones, or from a drill that is there. */
final class NewDrill extends ListButton {

    /** A surface this long, in metres, is shown whole at first. */
    private static final double SMALL = 20;

    private static final int OFFERED = 8;

    private final Keeper keeper;
    private final Finder finder;
    private final Consumer<Drill> onOpen;

    NewDrill(Keeper keeper, Finder finder, Consumer<Drill> onOpen) {
        super("New drill");
        this.keeper = keeper;
        this.finder = finder;
        this.onOpen = onOpen;
        setId("new-drill");
        getStyleClass().add("dark-button");
        point();
        offer(() -> Stream.concat(surfaces().stream(), Stream.of(new SeparatorMenuItem(), figures(), existing()))
                .toList());
    }

    private List<MenuItem> surfaces() {
        Map<String, Menu> bySport = new LinkedHashMap<>();
        for (SurfacePlan plan : keeper.surfaces().plans()) {
            MenuItem item = new MenuItem(plan.name());
            item.setId("new-" + plan.id());
            item.setOnAction(e -> begin(empty(plan)));
            bySport.computeIfAbsent(plan.sport(), sport -> new Menu(capital(sport)))
                    .getItems()
                    .add(item);
        }
        // A sport with one surface needs no menu of its own.
        return bySport.values().stream()
                .map(menu -> menu.getItems().size() == 1 ? menu.getItems().get(0) : menu)
                .toList();
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private static Drill empty(SurfacePlan plan) {
        Surface surface = plan.usual();
        boolean small = surface.targets().isEmpty() || surface.length() <= SMALL;
        return Drill.empty("drill", "New drill", Venue.of(plan), small ? "whole" : "attacking-half");
    }

    private void begin(Drill drill) {
        keeper.ask(book -> book.drills().add(drill), onOpen);
    }

    /** On the surface that the coach draws on most of late. */
    private Menu figures() {
        SurfacePlan surface = finder.rows().stream()
                .filter(r -> !r.isAside())
                .flatMap(r -> keeper.surfaces().plan(r.summary().surface()).stream())
                .findFirst()
                .orElse(keeper.surfaces().plans().get(0));
        Menu menu = new Menu("With cones set out, on " + surface.name());
        for (PatternKind kind : PatternKind.values()) {
            MenuItem item = new MenuItem(kind.title());
            item.setId("new-pattern-" + kind.name().toLowerCase(Locale.ROOT));
            item.setOnAction(e -> begin(Beginnings.with(kind, empty(surface))));
            menu.getItems().add(item);
        }
        return menu;
    }

    private Menu existing() {
        Menu menu = new Menu("From a drill that is there");
        finder.rows().stream()
                .filter(r -> !r.isAside())
                .sorted(Comparator.comparingLong((Book.Row r) -> -Math.max(r.used(), r.changed())))
                .limit(OFFERED)
                .forEach(r -> {
                    MenuItem item = new MenuItem(r.title());
                    item.setOnAction(e -> keeper.ask(book -> book.drills().duplicate(r.id()), onOpen));
                    menu.getItems().add(item);
                });
        if (menu.getItems().isEmpty()) {
            menu.setDisable(true);
        }
        return menu;
    }
}
