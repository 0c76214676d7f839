package wildchalk.desktop.handout;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.core.measure.TimeFormat;
import wildchalk.core.scene.Look;
import wildchalk.core.wording.Wordbook;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.HandOut.Wish;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Film;
import wildchalk.handout.order.Order.Paper;
import wildchalk.handout.order.Order.Still;

/** What can be wished of the kind of hand-out that is looked at; only that. */
final class OrderForm extends VBox {

    private static final Wordbook BOOK = Wordbook.beside(OrderForm.class, "Order");

    private final HandOutSubject subject;
    private final Runnable changed;
    private Wanted wanted;
    private Optional<String> rung = Optional.empty();
    private boolean now;
    private boolean named;

    /** @param changed told when anything is wished otherwise */
    OrderForm(HandOutSubject subject, Wanted wanted, Runnable changed) {
        super(12);
        this.subject = subject;
        this.wanted = wanted;
        this.changed = changed;
        getStyleClass().add("order-form");
        build();
    }

    Wanted wanted() {
        return wanted;
    }

    HandOut kind() {
        return wanted.handOut();
    }

    void show(HandOut kind) {
        wanted = wanted.of(kind);
        build();
    }

    /** What is ordered now. */
    Order order() {
        Optional<String> only;
        if (kind().wishes().contains(Wish.ONE_RUNG)) {
            only = Optional.of(rung.orElse(subject.rung()));
        } else if (kind().wishes().contains(Wish.RUNGS)) {
            only = rung;
        } else {
            only = Optional.empty();
        }
        return new Order(
                named ? subject.cast().orElseThrow().on(subject.drill()) : subject.drill(),
                only,
                subject.choices(),
                wanted.look().isTrue() ? subject.ground() : wanted.look(),
                new Order.Measures(subject.units(), subject.handful()),
                wanted.paper(),
                new Still(now ? subject.t() : 0, wanted.width(), wanted.words()),
                wanted.film());
    }

    private void take(Wanted next) {
        wanted = next;
        changed.run();
    }

    private void build() {
        Label about = new Label(kind().about());
        about.setWrapText(true);
        about.getStyleClass().add("quiet");
        about.setMinHeight(USE_PREF_SIZE);
        getChildren().setAll(about);
        subject.cast().ifPresent(c -> getChildren().add(names()));
        Set<Wish> wishes = kind().wishes();
        if ((wishes.contains(Wish.RUNGS) || wishes.contains(Wish.ONE_RUNG))
                && subject.drill().ladder().size() > 1) {
            getChildren().add(rungs());
        }
        if (wishes.contains(Wish.PAPER)) {
            paper();
        }
        if (wishes.contains(Wish.LOOK)) {
            boolean ground = wishes.contains(Wish.GROUND);
            List<Look> looks =
                    ground ? List.of(Look.SLATE, Look.PAPER, subject.ground()) : List.of(Look.SLATE, Look.PAPER);
            Look chosen;
            if (!wanted.look().isTrue()) {
                chosen = wanted.look();
            } else if (ground) {
                chosen = subject.ground();
            } else {
                chosen = Look.PAPER;
            }
            getChildren()
                    .add(new Choice<>(
                            "wish-look",
                            "Looks like",
                            looks,
                            l -> l.isTrue() ? "the ground" : l.name().toLowerCase(Locale.ROOT),
                            chosen,
                            l -> take(wanted.looking(l))));
        }
        if (wishes.contains(Wish.MOMENT)) {
            picture();
        }
        if (wishes.contains(Wish.SHAPE)) {
            film();
        }
    }

    /** Names go out only when they are ticked, and that is not remembered. */
    private CheckBox names() {
        CheckBox names = new CheckBox(BOOK.say("names"));
        names.setId("wish-names");
        names.setSelected(named);
        names.setWrapText(true);
        names.setOnAction(e -> {
            named = names.isSelected();
            changed.run();
        });
        return names;
    }

    /** A picture is of one rung; everything else is of all, or of one. */
    private Choice<Optional<String>> rungs() {
        boolean one = kind().wishes().contains(Wish.ONE_RUNG);
        List<Optional<String>> values = new ArrayList<>();
        if (!one) {
            values.add(Optional.empty());
        }
        subject.drill().ladder().forEach(r -> values.add(Optional.of(r.id())));
        return new Choice<>(
                "wish-rung",
                "Rungs",
                values,
                v -> v.map(Ladder.signs(subject.drill())::get).orElse("all"),
                order().rung(),
                v -> {
                    rung = v;
                    changed.run();
                });
    }

    private void paper() {
        Paper paper = wanted.paper();
        getChildren()
                .addAll(
                        new Choice<>(
                                "wish-paper",
                                "Paper",
                                List.of(Paper.Size.values()),
                                s -> s == Paper.Size.A4 ? "A4" : "Letter",
                                paper.size(),
                                s -> take(wanted.on(new Paper(
                                        s,
                                        wanted.paper().across(),
                                        wanted.paper().grey())))),
                        new Choice<>(
                                "wish-across",
                                "Long side",
                                List.of(false, true),
                                a -> a ? "lies" : "stands",
                                paper.across(),
                                a -> take(wanted.on(new Paper(
                                        wanted.paper().size(), a, wanted.paper().grey())))),
                        new Choice<>(
                                "wish-grey",
                                "Printed",
                                List.of(false, true),
                                g -> g ? "black and white" : "in colour",
                                paper.grey(),
                                g -> take(wanted.on(new Paper(
                                        wanted.paper().size(), wanted.paper().across(), g)))));
    }

    private void picture() {
        getChildren()
                .addAll(
                        new Choice<>(
                                "wish-moment",
                                "Moment",
                                Stream.of(false, true)
                                        .filter(n -> !n || subject.t() > 0)
                                        .toList(),
                                n -> n ? "as on the Board, " + TimeFormat.seconds(subject.t()) : "before the whistle",
                                now,
                                n -> {
                                    now = n;
                                    changed.run();
                                }),
                        new Choice<>(
                                "wish-width",
                                "Width",
                                List.of(800, 1600, 3200),
                                w -> w + " dots",
                                wanted.width(),
                                w -> take(wanted.wide(w))),
                        new Choice<>(
                                "wish-words",
                                "Words",
                                List.of(true, false),
                                w -> w ? "title, lines, script" : "the board alone",
                                wanted.words(),
                                w -> take(wanted.worded(w))));
    }

    private void film() {
        Film film = wanted.film();
        getChildren()
                .addAll(
                        new Choice<>(
                                "wish-shape",
                                "Shape",
                                List.of(Film.Shape.values()),
                                s -> s.name().toLowerCase(Locale.ROOT),
                                film.shape(),
                                s -> take(wanted.filmed(wanted.film().in(s)))),
                        new Choice<>(
                                "wish-speed",
                                "Speed",
                                List.of(0.25, 0.5, 1.0),
                                Map.of(0.25, "quarter", 0.5, "half", 1.0, "as it is")::get,
                                film.speed(),
                                s -> take(wanted.filmed(wanted.film().at(s)))),
                        new Choice<>(
                                "wish-captions",
                                "Words",
                                List.of(true, false),
                                c -> c ? "run along" : "none",
                                film.captions(),
                                c -> take(wanted.filmed(wanted.film().captioned(c)))));
        boolean reads = Ladder.buildAll(subject.drill()).stream()
                .anyMatch(s -> !Reads.of(s).isEmpty());
        if (reads) {
            getChildren()
                    .add(new Choice<>(
                            "wish-ways",
                            "Decisions",
                            List.of(false, true),
                            e -> e ? "every way" : "as on the Board",
                            film.everyWay(),
                            e -> take(wanted.filmed(wanted.film().goingEveryWay(e)))));
        }
        boolean turns = Ladder.buildAll(subject.drill()).stream()
                .flatMap(s -> s.people().stream())
                .anyMatch(Piece.LineUp.class::isInstance);
        if (turns) {
            getChildren()
                    .add(new Choice<>(
                            "wish-reps",
                            BOOK.say("reps"),
                            List.of(1, 3, 6),
                            n -> BOOK.say("reps.of", n),
                            List.of(1, 3, 6).contains(film.reps()) ? film.reps() : 1,
                            n -> take(wanted.filmed(wanted.film().often(n)))));
        }
    }
}
