package wildchalk.desktop.begin;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Screen;
import wildchalk.core.beginning.Beginning;
import wildchalk.core.beginning.ConesSetDown;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.pattern.PatternKind;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.control.Fields;
import wildchalk.desktop.control.LiveScroll;
import wildchalk.desktop.control.PageHead;

/** All that a drill can begin with, to look at: surfaces, people set down, and drills that are there. */
public final class BeginPage extends BorderPane {

    private static final Wordbook BOOK = Wordbook.beside(BeginPage.class, "Begin");
    /** After so many seconds without anything to paint its painter goes. */
    private static final long IDLE = 4;
    /** Around what is set down, metres. */
    private static final double AROUND = 3;

    private final Known known;
    private final Consumer<Drill> take;
    private final ExecutorService painter = painter();
    private final double scale = Screen.getPrimary().getOutputScaleX();
    private final TextField words = new TextField();
    private final VBox sections = new VBox(14);
    private final Label none = new Label(BOOK.say("none"));
    private final FlowPane setDown = new FlowPane(12, 12);
    private final FlowPane starters = new FlowPane(12, 12);
    private final ComboBox<SurfacePlan> on = new ComboBox<>();
    private int people;

    /**
     * A drill that is there.
     *
     * @param copy begins another with all that is in it
     */
    public record There(String title, Runnable copy) {}

    /**
     * What the book knows.
     *
     * @param surfaces at least one
     * @param lately ids of the surfaces of the drills that were used last, the newest first
     * @param there drills to begin another from
     * @param people how many there usually are
     */
    public record Known(List<SurfacePlan> surfaces, List<String> lately, List<There> there, int people) {}

    /**
     * The page.
     *
     * @param take told the drill that begins
     * @param leave goes back
     */
    public BeginPage(Known known, Consumer<Drill> take, Runnable leave) {
        this.known = known;
        this.take = drill -> {
            painter.shutdownNow();
            take.accept(drill);
        };
        this.people = Math.max(Beginning.FEWEST, Math.min(Beginning.MOST, known.people()));
        setId("begin-page");
        getStyleClass().addAll("book-view", "begin");
        Runnable away = () -> {
            painter.shutdownNow();
            leave.run();
        };
        words.setId("begin-find");
        words.setPromptText(BOOK.say("find"));
        words.setAccessibleText(BOOK.say("find.help"));
        words.textProperty().addListener(o -> find());
        VBox wanted = new VBox(words);
        wanted.getStyleClass().add("begin-top");
        setTop(new VBox(new PageHead(BOOK.say("title"), BOOK.say("back"), "begin-back", away), wanted));
        none.getStyleClass().add("empty");
        none.setVisible(false);
        none.setManaged(false);
        fill();
        LiveScroll scroll = new LiveScroll();
        scroll.setContent(sections);
        setCenter(scroll);
        PageHead.leftWithEscape(this, away);
        find();
    }

    /** Paints pictures one after the other, and is gone when there is nothing to paint. */
    private static ExecutorService painter() {
        ThreadPoolExecutor painter =
                new ThreadPoolExecutor(1, 1, IDLE, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), r -> {
                    Thread thread = new Thread(r, "beginnings");
                    thread.setDaemon(true);
                    thread.setPriority(Thread.MIN_PRIORITY);
                    return thread;
                });
        painter.allowCoreThreadTimeOut(true);
        return painter;
    }

    /** Puts the keyboard where one searches. */
    public void search() {
        words.requestFocus();
    }

    private void fill() {
        sections.getStyleClass().add("begin-sections");
        sections.getChildren().add(none);
        Map<String, List<BeginCard>> surfaces =
                new SurfaceSections(known.surfaces(), scale, take).sections(known.lately());
        boolean first = true;
        for (Map.Entry<String, List<BeginCard>> sport : surfaces.entrySet()) {
            section(sport.getKey(), flow(sport.getValue()));
            if (first) {
                // What is set down stands where it is seen without turning the page.
                sections.getChildren().add(peopleSetDown());
                starters(section(BOOK.say("starters"), starters));
                first = false;
            }
        }
        if (!known.there().isEmpty()) {
            FlowPane there = new FlowPane(8, 8);
            known.there().forEach(t -> there.getChildren().add(Fields.pill("", t.title(), t.copy())));
            section(BOOK.say("there"), there);
        }
    }

    /** They are read beside the window; until then there is no such section. */
    private void starters(VBox section) {
        starters.setRowValignment(VPos.TOP);
        show(section, false);
        Background.work(
                BOOK.say("starters.work"),
                Starters::read,
                all -> {
                    all.forEach(s -> starters.getChildren().add(card(s)));
                    find();
                },
                trouble -> {});
    }

    private BeginCard card(Starters.Starter starter) {
        Drill drill = starter.drill();
        String line = BOOK.say(
                "starter",
                drill.surface().sport(),
                BOOK.say("kind." + starter.kind()),
                BOOK.say("level." + Wordbook.key(drill.effort().level())));
        return new BeginCard(
                "starter-" + drill.id(),
                drill.title(),
                line,
                BOOK.say("starter.found") + " " + drill.surface().name() + " "
                        + String.join(" ", drill.notes().points()),
                BeginCard.Size.whole(scale),
                () -> drill,
                () -> take.accept(drill));
    }

    /** Only what small drills of ours there are. */
    public void onlyStarters() {
        words.setText(BOOK.say("starter.found"));
    }

    private VBox section(String title, Node... what) {
        Label head = new Label(title);
        head.getStyleClass().add("begin-head");
        VBox section = new VBox(8, head);
        section.getChildren().addAll(what);
        sections.getChildren().add(section);
        return section;
    }

    private static FlowPane flow(List<BeginCard> cards) {
        FlowPane flow = new FlowPane(12, 12);
        flow.setRowValignment(VPos.TOP);
        flow.getChildren().setAll(cards);
        return flow;
    }

    /** Shapes of people for as many as there are, and of cones, on a surface that is chosen. */
    private VBox peopleSetDown() {
        on.setId("begin-on");
        on.getItems().setAll(known.surfaces());
        on.setButtonCell(new SurfaceName());
        on.setCellFactory(l -> new SurfaceName());
        on.setValue(known.surfaces().stream()
                .filter(p -> known.lately().stream().limit(1).anyMatch(p.id()::equals))
                .findFirst()
                .orElse(known.surfaces().get(0)));
        on.valueProperty().addListener(o -> set());
        Label head = new Label(BOOK.say("set-down"));
        head.getStyleClass().add("begin-head");
        HBox row = new HBox(
                12,
                head,
                Fields.count("begin-people", BOOK.say("people"), people, Beginning.FEWEST, Beginning.MOST, n -> {
                    people = n;
                    set();
                }),
                new Label(BOOK.say("on")),
                on);
        row.setAlignment(Pos.CENTER_LEFT);
        FlowPane cones = new FlowPane(8, 8);
        for (PatternKind kind : PatternKind.values()) {
            cones.getChildren()
                    .add(Fields.pill(
                            "new-pattern-" + kind.name().toLowerCase(Locale.ROOT),
                            ConesSetDown.title(kind),
                            () -> take.accept(ConesSetDown.with(kind, SurfaceSections.empty(on.getValue())))));
        }
        setDown.setRowValignment(VPos.TOP);
        set();
        return new VBox(8, row, setDown, cones);
    }

    private void set() {
        List<BeginCard> cards = new ArrayList<>();
        for (Beginning beginning : Beginning.values()) {
            SurfacePlan surface = on.getValue();
            int here = people;
            cards.add(new BeginCard(
                    "begin-" + beginning.name().toLowerCase(Locale.ROOT),
                    beginning.title(),
                    beginning.words(),
                    "",
                    BeginCard.Size.whole(scale),
                    () -> near(beginning.on(SurfaceSections.empty(surface), here)),
                    () -> take.accept(beginning.on(SurfaceSections.empty(surface), here))));
        }
        setDown.getChildren().setAll(cards);
        find();
    }

    /** What is set down, near enough to be seen. */
    private static Drill near(Drill drill) {
        List<Vec> places = new ArrayList<>();
        for (Piece piece : Ladder.build(drill, drill.ladder().get(0).id()).pieces()) {
            places.add(piece.at());
            if (piece instanceof Piece.LineUp lineUp) {
                places.add(lineUp.slot(lineUp.waiting()));
            }
        }
        return drill.withShowing(drill.showing().cropped(Box.around(places).grown(AROUND)));
    }

    /** Only what fits the words is there; what is there gets its picture. */
    private void find() {
        String asked = words.getText();
        boolean any = false;
        for (Node section : sections.getChildren()) {
            if (section instanceof VBox box) {
                boolean here = false;
                for (Node part : box.getChildren()) {
                    if (part instanceof FlowPane flow) {
                        here |= find(flow, asked);
                    }
                }
                show(box, here);
                any |= here;
            }
        }
        show(none, !any);
    }

    private boolean find(FlowPane flow, String asked) {
        boolean any = false;
        for (Node node : flow.getChildren()) {
            boolean fits =
                    asked.isBlank() || node instanceof BeginCard card && card.isFor(asked) || isCalled(node, asked);
            show(node, fits);
            any |= fits;
            if (fits && node instanceof BeginCard card && !painter.isShutdown()) {
                card.draw(painter);
            }
        }
        return any;
    }

    /** A card has its words in its picture, and so none of a button. */
    private static boolean isCalled(Node node, String asked) {
        return node instanceof Button pill
                && !pill.getText().isEmpty()
                && pill.getText()
                        .toLowerCase(Locale.ROOT)
                        .contains(asked.toLowerCase(Locale.ROOT).strip());
    }

    private static void show(Node node, boolean is) {
        node.setVisible(is);
        node.setManaged(is);
    }
}
