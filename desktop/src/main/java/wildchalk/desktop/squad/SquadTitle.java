package wildchalk.desktop.squad;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;
import wildchalk.core.effort.Effort;
import wildchalk.core.naming.EffortWords;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadEdits;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.desktop.control.DocumentTitle;

/** What the squad is called, with a list that leads to the others and to what concerns all of it. */
final class SquadTitle extends HBox {

    private final SquadState state;
    private final SquadDesk desk;
    private final DocumentTitle title;
    private List<SquadDesk.Named> squads = List.of();

    SquadTitle(SquadState state, SquadDesk desk) {
        this.state = state;
        this.desk = desk;
        this.title = new DocumentTitle("squad", this::items, name -> state.apply(SquadEdits.rename(name)));
        getChildren().add(title);
        desk.squads(all -> squads = all);
    }

    void fill() {
        title.fill(state.squad().title());
    }

    private static String say(String key, Object... values) {
        return SquadState.BOOK.say(key, values);
    }

    private static MenuItem item(String id, String words, Runnable then) {
        MenuItem item = new MenuItem(words);
        item.setId(id);
        item.setOnAction(e -> then.run());
        return item;
    }

    private List<MenuItem> items() {
        List<MenuItem> items = new ArrayList<>();
        squads.stream()
                .filter(s -> !s.id().equals(state.squad().id()))
                .forEach(s -> items.add(item("squad-" + s.id(), s.title(), () -> desk.open(s.id()))));
        if (!items.isEmpty()) {
            items.add(new SeparatorMenuItem());
        }
        items.add(item("squad-new", say("squad.new"), () -> desk.add(Squad.empty("squad", say("squad.untitled")))));
        items.add(item("squad-rename", say("squad.rename"), title::rename));
        items.add(age());
        items.add(ground());
        items.add(new SeparatorMenuItem());
        items.add(item("squad-over", say("squad.over"), () -> state.apply(SquadEdits.over())));
        items.add(item("squad-file", say("squad.file"), () -> desk.saveFile(state.squad())));
        items.add(item("squad-table", say("squad.table"), () -> desk.saveTable(state.squad(), false)));
        items.add(item("squad-table-views", say("squad.table.views"), () -> desk.saveTable(state.squad(), true)));
        items.add(new SeparatorMenuItem());
        items.add(item("squad-aside", say("squad.aside"), () -> desk.aside(state.squad())));
        return items;
    }

    private Menu age() {
        Menu menu = new Menu(say("squad.age"));
        for (Effort.Level level : Effort.Level.values()) {
            RadioMenuItem item = new RadioMenuItem(EffortWords.of(level));
            item.setSelected(state.squad().usual().level() == level);
            item.setOnAction(e -> state.apply(
                    SquadEdits.usually(new Squad.Usual(state.squad().usual().surface(), level))));
            menu.getItems().add(item);
        }
        return menu;
    }

    private Menu ground() {
        Menu menu = new Menu(say("squad.ground"));
        for (SurfacePlan plan : desk.surfaces().plans()) {
            RadioMenuItem item = new RadioMenuItem(plan.name());
            item.setSelected(state.squad().usual().surface().equals(plan.id()));
            item.setOnAction(e -> state.apply(SquadEdits.usually(
                    new Squad.Usual(plan.id(), state.squad().usual().level()))));
            menu.getItems().add(item);
        }
        return menu;
    }
}
