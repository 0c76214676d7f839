package wildchalk.desktop.practice;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.IntConsumer;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.GearKind;
import wildchalk.core.effort.Effort;
import wildchalk.core.naming.EffortWords;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.practice.Bag;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Slot;
import wildchalk.core.squad.Attendance;
import wildchalk.core.squad.Squad;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.ListButton;
import wildchalk.desktop.control.PageHead;

/** When and where the evening is, who comes, how warm it is and what is in the bag. */
final class EveningCard extends VBox {

    /** Longer than half a day nobody trains: it ends before it begins. */
    private static final int LONGEST = 12 * 60;

    private static final Set<GearKind> USUAL = EnumSet.of(GearKind.CONE, GearKind.MARKER, GearKind.POLE);

    private final PracticeState state;
    private final Practice practice;
    private List<PracticeDesk.Named> squads = List.of();

    EveningCard(PracticeState state) {
        super(8);
        this.state = state;
        this.practice = state.practice();
        setId("evening-card");
        getStyleClass().add("block-card");
        state.desk().squads(all -> squads = all);
        getChildren()
                .addAll(
                        new PageHead(
                                say("evening.title"),
                                say("evening.back"),
                                "evening-back",
                                () -> state.show(PracticeState.Side.FOUND)),
                        day(),
                        time(),
                        ground(),
                        surface(),
                        theme(),
                        heat(),
                        LearnedRows.changes(state),
                        WarnedRows.of(state),
                        squad());
        if (state.fetched().squad().isEmpty()) {
            getChildren().addAll(counts(), age());
        } else {
            state.fetched().squad().ifPresent(s -> {
                Label there = new Label(Attendance.words(s));
                there.getStyleClass().add("quiet");
                there.setWrapText(true);
                getChildren().add(there);
            });
        }
        bag();
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    private Slot slot() {
        return practice.slot();
    }

    private void in(Slot slot) {
        if (!slot.equals(state.practice().slot())) {
            state.apply(PracticeEdits.in(slot));
        }
    }

    private FlowPane day() {
        FlowPane row = BlockCard.row(
                say("evening.day"),
                BlockCard.text(
                        "evening-day",
                        slot().day().map(LocalDate::toString).orElse(""),
                        say("evening.day.prompt"),
                        9,
                        this::day));
        Label words = new Label(slot().day().map(Clock::words).orElse(say("evening.day.none")));
        words.getStyleClass().add("quiet");
        row.getChildren().add(words);
        return row;
    }

    private void day(String typed) {
        if (typed.isBlank()) {
            in(slot().on(Optional.empty()));
            return;
        }
        Clock.day(typed, LocalDate.now(ZoneId.systemDefault()))
                .ifPresentOrElse(
                        d -> in(slot().on(Optional.of(d))), () -> state.desk().warn(say("no.day", typed)));
    }

    private FlowPane time() {
        return BlockCard.row(
                say("evening.time"),
                BlockCard.text("evening-start", Clock.at(slot(), 0), say("evening.start"), 4, t -> Clock.time(t)
                        .ifPresentOrElse(at -> in(new Slot(slot().day(), at, slot().minutes())), () -> state.desk()
                                .warn(say("no.time", t)))),
                new Label(say("evening.to")),
                BlockCard.text(
                        "evening-end", Clock.at(slot(), slot().seconds()), say("evening.end"), 4, t -> Clock.time(t)
                                .ifPresentOrElse(this::until, () -> state.desk().warn(say("no.time", t)))));
    }

    private void until(LocalTime end) {
        int minutes = Math.floorMod(Duration.between(slot().start(), end).toMinutes(), Slot.MOST);
        if (minutes == 0 || minutes > LONGEST) {
            state.desk().warn(say("no.end", Clock.words(end), Clock.words(slot().start())));
        } else {
            in(new Slot(slot().day(), slot().start(), minutes));
        }
    }

    private FlowPane ground() {
        return BlockCard.row(
                say("evening.ground"),
                BlockCard.text("evening-ground", practice.setting().ground(), say("evening.ground.prompt"), 15, t -> {
                    if (!t.equals(state.practice().setting().ground())) {
                        state.apply(PracticeEdits.on(practice.surface(), t));
                    }
                }));
    }

    private FlowPane surface() {
        Optional<SurfacePlan> now = state.desk().surfaces().plan(practice.surface());
        ListButton list = new ListButton(now.map(SurfacePlan::name).orElse(say("evening.unsaid")));
        list.setId("evening-surface");
        list.getStyleClass().add("pill");
        list.point();
        list.offer(() -> state.desk().surfaces().plans().stream()
                .map(p -> BlockCard.item(
                        "surface-" + p.id(),
                        p.name(),
                        () -> state.apply(
                                PracticeEdits.on(p.id(), practice.setting().ground()))))
                .toList());
        return BlockCard.row(say("evening.surface"), list);
    }

    private FlowPane theme() {
        return BlockCard.row(
                say("evening.theme"),
                BlockCard.text("evening-theme", practice.theme(), say("evening.theme.prompt"), 15, t -> {
                    if (!t.equals(state.practice().theme())) {
                        state.apply(PracticeEdits.about(t));
                    }
                }));
    }

    private FlowPane heat() {
        FlowPane row = BlockCard.row(say("evening.heat"));
        for (Practice.Heat heat : Practice.Heat.values()) {
            row.getChildren()
                    .add(BlockCard.choice(
                            "heat-" + Wordbook.key(heat),
                            say("heat." + Wordbook.key(heat)),
                            practice.setting().heat() == heat,
                            () -> state.apply(PracticeEdits.in(heat))));
        }
        return row;
    }

    private FlowPane squad() {
        String name = state.fetched().squad().map(Squad::title).orElse(say("evening.counted"));
        ListButton list = new ListButton(name);
        list.setId("evening-squad");
        list.getStyleClass().add("pill");
        list.point();
        list.offer(() -> {
            List<MenuItem> items = new ArrayList<>();
            squads.forEach(s -> items.add(BlockCard.item("squad-of-" + s.id(), s.title(), () -> from(s.id()))));
            items.add(BlockCard.item("squad-of-none", say("evening.counted"), () -> from("")));
            return items;
        });
        return BlockCard.row(say("evening.squad"), list);
    }

    /** The numbers stay as they were seen last, for whoever has not got the squad. */
    private void from(String squad) {
        Company now = state.evening().company();
        given(now.of(squad));
    }

    private void given(Company company) {
        if (!company.equals(state.practice().company())) {
            state.apply(PracticeEdits.given(company));
        }
    }

    private VBox counts() {
        Company.Heads heads = practice.company().heads();
        return new VBox(
                8,
                BlockCard.row(
                        say("evening.people"),
                        count(
                                "evening-people",
                                say("evening.players"),
                                heads.people(),
                                n -> heads(n, Math.min(n, heads.keepers()), heads.staff())),
                        new Label(say("evening.players")),
                        count(
                                "evening-keepers",
                                say("evening.keepers"),
                                heads.keepers(),
                                n -> heads(Math.max(n, heads.people()), n, heads.staff())),
                        new Label(say("evening.of.them"))),
                BlockCard.row(
                        say("evening.lead"),
                        count(
                                "evening-staff",
                                say("evening.staff"),
                                heads.staff(),
                                n -> heads(heads.people(), heads.keepers(), n))));
    }

    private void heads(int people, int keepers, int staff) {
        Company now = practice.company();
        given(now.counting(new Company.Heads(people, keepers, staff, 0)));
    }

    private TextField count(String id, String what, int now, IntConsumer set) {
        TextField field = BlockCard.text(id, now == 0 ? "" : Integer.toString(now), what, 3, t -> number(t, what)
                .ifPresent(set));
        field.setPromptText("");
        return field;
    }

    private OptionalInt number(String typed, String what) {
        try {
            int n = typed.isBlank() ? 0 : Integer.parseInt(typed.strip());
            if (n >= 0 && n <= 1000) {
                return OptionalInt.of(n);
            }
        } catch (NumberFormatException e) {
            // Said below.
        }
        state.desk().warn(say("no.count", typed, what));
        return OptionalInt.empty();
    }

    private FlowPane age() {
        ListButton list = new ListButton(EffortWords.of(practice.company().age()));
        list.setId("evening-age");
        list.getStyleClass().add("pill");
        list.point();
        list.offer(() -> Arrays.stream(Effort.Level.values())
                .map(l -> BlockCard.item("age-" + Wordbook.key(l), EffortWords.of(l), () -> {
                    Company now = practice.company();
                    given(now.aged(l));
                }))
                .toList());
        return BlockCard.row(say("evening.age"), list);
    }

    /** The balls, what is usual in a bag, what is counted already and what the evening takes. */
    private void bag() {
        Label head = new Label(say("evening.bag"));
        head.getStyleClass().add("side-head");
        Label hint = new Label(say("evening.bag.hint"));
        hint.getStyleClass().add("quiet");
        hint.setWrapText(true);
        getChildren().addAll(head, hint);
        Bag bag = practice.bag();
        getChildren()
                .add(BlockCard.row(
                        say("evening.balls"),
                        BlockCard.text(
                                "bag-balls",
                                bag.balls().isPresent()
                                        ? Integer.toString(bag.balls().getAsInt())
                                        : "",
                                say("evening.uncounted"),
                                8,
                                t -> counted(t, say("evening.balls")).ifPresent(n -> bag(new Bag(bag.gear(), n))))));
        gear(state).forEach(k -> getChildren().add(gear(k, bag)));
    }

    /** The kinds of gear that it asks for. */
    static Set<GearKind> gear(PracticeState state) {
        Set<GearKind> kinds = EnumSet.copyOf(USUAL);
        kinds.addAll(state.practice().bag().gear().keySet());
        state.seenProperty().get().ifPresent(s -> kinds.addAll(s.bring().gear().keySet()));
        return kinds;
    }

    private FlowPane gear(GearKind kind, Bag bag) {
        String name = PieceWords.several(PieceWords.kind(kind));
        return BlockCard.row(
                name,
                BlockCard.text(
                        "bag-" + Wordbook.key(kind),
                        bag.of(kind).map(n -> Integer.toString(n)).orElse(""),
                        say("evening.uncounted"),
                        8,
                        t -> counted(t, name).ifPresent(n -> {
                            Map<GearKind, Integer> gear = new EnumMap<>(GearKind.class);
                            gear.putAll(bag.gear());
                            n.ifPresentOrElse(k -> gear.put(kind, k), () -> gear.remove(kind));
                            bag(new Bag(gear, bag.balls()));
                        })));
    }

    /** Nothing typed: nobody has counted. Empty where it is no number of things. */
    private Optional<OptionalInt> counted(String typed, String what) {
        if (typed.isBlank()) {
            return Optional.of(OptionalInt.empty());
        }
        OptionalInt n = number(typed, what);
        return n.isPresent() ? Optional.of(n) : Optional.empty();
    }

    private void bag(Bag now) {
        if (!now.equals(state.practice().bag())) {
            state.apply(PracticeEdits.given(now));
        }
    }
}
