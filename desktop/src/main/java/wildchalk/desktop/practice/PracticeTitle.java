package wildchalk.desktop.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import wildchalk.core.evening.EveningMessage;
import wildchalk.core.evening.Handed;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Slot;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.control.DocumentTitle;
import wildchalk.desktop.control.ListButton;

/** What the evening is called, when and where it is and who comes, and a list of what concerns all of it. */
final class PracticeTitle extends HBox {

    private static final int WEEK = 7;

    private final PracticeState state;
    private final PracticeDesk desk;
    private final DocumentTitle title;
    private final Button evening = new Button();
    private final ListButton fit = new ListButton(PracticeState.BOOK.say("fit"));
    private List<PracticeDesk.Named> practices = List.of();

    PracticeTitle(PracticeState state) {
        super(12);
        this.state = state;
        this.desk = state.desk();
        this.title = new DocumentTitle("practice", this::items, name -> state.apply(PracticeEdits.rename(name)));
        setAlignment(Pos.CENTER_LEFT);
        evening.setId("evening");
        evening.getStyleClass().add("evening-line");
        evening.setMinWidth(0);
        evening.setOnAction(e -> state.show(PracticeState.Side.EVENING));
        fit.setId("fit");
        fit.getStyleClass().add("pill");
        fit.setMinWidth(USE_PREF_SIZE);
        fit.point();
        fit.offer(this::ways);
        HBox gap = new HBox();
        setHgrow(gap, Priority.ALWAYS);
        title.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(title, evening, gap, fit);
        desk.practices(all -> practices = all);
    }

    void fill() {
        title.fill(state.practice().title());
        evening.setText(line());
    }

    /** "Thu 3 Dec · 18:30 – 19:30 · far pitch · 16 there, 1 late · 2 staff". */
    private String line() {
        Practice practice = state.evening();
        Slot slot = practice.slot();
        List<String> parts = new ArrayList<>();
        parts.add(slot.day().map(Clock::words).orElse(say("pattern")));
        parts.add(say("from.to", Clock.at(slot, 0), Clock.at(slot, slot.seconds())));
        if (!practice.setting().ground().isEmpty()) {
            parts.add(practice.setting().ground());
        }
        Company company = practice.company();
        if (!company.isSaid()) {
            parts.add(say("nobody"));
        } else {
            String late =
                    company.late().isEmpty() ? "" : say("late", company.late().size());
            parts.add(say("there", company.people(), late));
            parts.add(say("staff", company.staff()));
        }
        return String.join(say("between"), parts);
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    private static MenuItem item(String id, String words, Runnable then) {
        MenuItem item = new MenuItem(words);
        item.setId(id);
        item.setOnAction(e -> then.run());
        return item;
    }

    private List<MenuItem> ways() {
        Slot slot = state.practice().slot();
        return List.of(
                item("fit-now", say("fit.now"), () -> state.showFit(PracticeState.Asking.WHOLE)),
                new SeparatorMenuItem(),
                item("fit-later", say("fit.later"), () -> state.showFit(PracticeState.Asking.START)),
                item(
                        "fit-sooner",
                        say("fit.sooner", Clock.at(slot, slot.seconds())),
                        () -> state.showFit(PracticeState.Asking.STOP)));
    }

    private List<MenuItem> items() {
        List<MenuItem> items = new ArrayList<>();
        practices.stream()
                .filter(p -> !p.id().equals(state.practice().id()))
                .forEach(p -> items.add(item("practice-" + p.id(), p.title(), () -> desk.open(p.id()))));
        if (!items.isEmpty()) {
            items.add(new SeparatorMenuItem());
        }
        Practice now = state.practice();
        items.add(item("practice-new", say("new"), () -> desk.add(NoPractice.empty(say("untitled"), now.slot()))));
        boolean pattern = now.slot().day().isEmpty();
        items.add(item("practice-copy", say(pattern ? "copy.pattern" : "copy"), () -> desk.add(nextWeek(now))));
        items.add(item(
                "practice-pattern",
                say("pattern.keep"),
                () -> desk.add(now.in(now.slot().on(Optional.empty())).withTitle(say("pattern.of", now.title())))));
        items.add(item("practice-rename", say("rename"), title::rename));
        items.add(item("practice-evening", say("evening.open"), () -> state.show(PracticeState.Side.EVENING)));
        items.add(item("practice-old", say("versions"), () -> state.show(PracticeState.Side.VERSIONS)));
        items.add(new SeparatorMenuItem());
        items.add(item("practice-file", say("file"), () -> desk.saveFile(state.evening(), state.fetched())));
        items.add(item("practice-take-in", say("take.in"), desk::takeIn));
        items.add(item("practice-message", say("message"), this::message));
        items.add(item("practice-hand-out", say("hand.out"), state::handOut));
        items.add(new SeparatorMenuItem());
        items.add(item("practice-ran", say("ran"), () -> desk.ran(state.evening())));
        items.add(item("practice-aside", say("aside"), () -> desk.aside(now)));
        return items;
    }

    /** What can be sent to whoever helps: groups by their colours, and nobody's name. */
    private void message() {
        Handed evening = state.handed();
        // How groups go round may take a moment to find.
        Background.work(
                say("work.message"),
                () -> String.join("\n", EveningMessage.of(evening)),
                desk::copy,
                trouble -> desk.warn(trouble.words(say("trouble.message"))));
    }

    /** A copy is a week later; one of a pattern stays without a day until it gets one. */
    private static Practice nextWeek(Practice practice) {
        String title = practice.title();
        String end = say("pattern.end");
        return practice.in(practice.slot().on(practice.slot().day().map(d -> d.plusDays(WEEK))))
                .withTitle(title.endsWith(end) ? title.substring(0, title.length() - end.length()) : title);
    }
}
