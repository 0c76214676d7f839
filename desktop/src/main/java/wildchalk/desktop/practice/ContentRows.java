package wildchalk.desktop.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Slot;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.Fields;

/** The rows of a block's card that depend on what it is. */
final class ContentRows implements Content.Cases<List<Node>> {

    private static final int MOST_COPIES = 12;

    private final PracticeState state;
    private final Block block;

    ContentRows(PracticeState state, Block block) {
        this.state = state;
        this.block = block;
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    private void be(Content content) {
        state.practice()
                .block(block.id())
                .filter(b -> !b.content().equals(content))
                .ifPresent(b -> state.apply(PracticeEdits.change(b.being(content))));
    }

    @Override
    public List<Node> play(Content.Play play) {
        List<Node> rows = new ArrayList<>();
        FlowPane told = BlockCard.row(say("card.told"));
        for (Content.Telling telling : Content.Telling.values()) {
            told.getChildren()
                    .add(BlockCard.choice(
                            "told-" + Wordbook.key(telling),
                            say("told." + Wordbook.key(telling)),
                            play.telling() == telling,
                            () -> be(play.told(telling))));
        }
        rows.add(told);
        rows.add(BlockCard.row(
                say("card.copies"),
                Fields.count("block-copies", "", play.copies(), 1, MOST_COPIES, n -> be(play.times(n))),
                Fields.pill("block-on-board", say("card.on.board"), () -> state.desk()
                        .onBoard(play.drill().id()))));
        Optional.ofNullable(state.fetched().drills().get(play.drill())).ifPresent(d -> rungs(play, d, rows));
        return rows;
    }

    /** Which rungs, and for each of them how long or when to climb on. */
    private void rungs(Content.Play play, Drill drill, List<Node> rows) {
        if (drill.ladder().size() < 2) {
            return;
        }
        Map<String, String> signs = Ladder.signs(drill);
        List<Content.Climb> climbs = play.climbs().isEmpty()
                ? List.of(Content.Climb.of(drill.ladder().get(0).id()))
                : play.climbs();
        FlowPane which = BlockCard.row(say("card.rungs"));
        for (Rung rung : drill.ladder()) {
            boolean on = climbs.stream().anyMatch(c -> c.rung().equals(rung.id()));
            Button pill = BlockCard.choice(
                    "rung-" + rung.id(),
                    say("card.rung", signs.get(rung.id()), rung.title()),
                    on,
                    () -> be(play.climbing(toggled(drill, climbs, rung.id()))));
            pill.setMaxWidth(300);
            which.getChildren().add(pill);
        }
        rows.add(which);
        if (climbs.size() > 1) {
            for (int i = 0; i < climbs.size(); i++) {
                rows.add(climb(play, climbs, i, signs.getOrDefault(climbs.get(i).rung(), "")));
            }
        }
    }

    private static List<Content.Climb> toggled(Drill drill, List<Content.Climb> climbs, String rung) {
        List<Content.Climb> now = new ArrayList<>();
        for (Rung each : drill.ladder()) {
            Optional<Content.Climb> had =
                    climbs.stream().filter(c -> c.rung().equals(each.id())).findFirst();
            if (each.id().equals(rung) && had.isEmpty()) {
                now.add(Content.Climb.of(rung));
            } else if (!each.id().equals(rung)) {
                had.ifPresent(now::add);
            }
        }
        return now.isEmpty() ? climbs : now;
    }

    private FlowPane climb(Content.Play play, List<Content.Climb> climbs, int at, String sign) {
        Content.Climb climb = climbs.get(at);
        TextField minutes = BlockCard.text(
                "climb-minutes-" + at,
                climb.minutes() == 0 ? "" : Integer.toString(climb.minutes()),
                say("card.climb.minutes"),
                3,
                t -> number(t)
                        .ifPresent(n -> be(climbing(
                                play,
                                climbs,
                                at,
                                new Content.Climb(climb.rung(), (int) Math.min(Slot.MOST, n), climb.when())))));
        FlowPane row = BlockCard.row(say("card.climb", sign), minutes);
        if (at + 1 < climbs.size()) {
            row.getChildren()
                    .add(BlockCard.text(
                            "climb-when-" + at,
                            climb.when(),
                            say("card.climb.when"),
                            11,
                            t -> be(climbing(play, climbs, at, new Content.Climb(climb.rung(), climb.minutes(), t)))));
        }
        return row;
    }

    private static Content.Play climbing(Content.Play play, List<Content.Climb> climbs, int at, Content.Climb now) {
        List<Content.Climb> all = new ArrayList<>(climbs);
        all.set(at, now);
        return play.climbing(all);
    }

    /** Nothing typed is 0. */
    private Optional<Double> number(String typed) {
        try {
            double n = typed.isBlank() ? 0 : Double.parseDouble(typed.strip().replace(',', '.'));
            if (n >= 0 && n <= Slot.MOST) {
                return Optional.of(n);
            }
        } catch (NumberFormatException e) {
            // Said below.
        }
        state.desk().warn(say("no.number", typed));
        return Optional.empty();
    }

    @Override
    public List<Node> game(Content.Game game) {
        TextField length = BlockCard.text(
                "game-length",
                game.area().map(a -> BlockLine.plain(a.length())).orElse(""),
                say("card.length"),
                4,
                t -> area(
                        game,
                        t,
                        game.area().map(a -> BlockLine.plain(a.width())).orElse(t)));
        TextField width = BlockCard.text(
                "game-width",
                game.area().map(a -> BlockLine.plain(a.width())).orElse(""),
                say("card.width"),
                4,
                t -> area(
                        game, game.area().map(a -> BlockLine.plain(a.length())).orElse(t), t));
        return List.of(
                BlockCard.row(
                        say("card.game"),
                        BlockCard.text(
                                "block-words",
                                game.words(),
                                say("card.game.prompt"),
                                16,
                                t -> be(new Content.Game(t, game.area(), game.scoring())))),
                BlockCard.row(say("card.area"), length, width),
                BlockCard.row(
                        say("card.scoring"),
                        BlockCard.text(
                                "block-scoring",
                                game.scoring(),
                                say("card.scoring.prompt"),
                                16,
                                t -> be(new Content.Game(game.words(), game.area(), t)))));
    }

    private void area(Content.Game game, String length, String width) {
        number(length).ifPresent(l -> number(width)
                .ifPresent(w -> be(new Content.Game(
                        game.words(),
                        l > 0 && w > 0 ? Optional.of(new Content.Area(l, w)) : Optional.empty(),
                        game.scoring()))));
    }

    @Override
    public List<Node> words(Content.Words words) {
        return List.of(BlockCard.row(
                say("card.words"),
                BlockCard.text(
                        "block-words",
                        words.words(),
                        say("card.words." + Wordbook.key(words.sort())),
                        16,
                        t -> be(new Content.Words(words.sort(), t)))));
    }

    @Override
    public List<Node> beside(Content.Beside beside) {
        FlowPane parts = BlockCard.row(say("card.parts"));
        beside.blocks().forEach(b -> parts.getChildren()
                .add(Fields.pill("choose-" + b.id(), BlockWords.of(b), () -> state.choose(Optional.of(b.id())))));
        FlowPane where = BlockCard.row(
                say("ground.where"),
                Fields.pill("block-ground", say("ground.show"), () -> state.showGround(Optional.of(block.id()))));
        return List.of(parts, where, RoundRows.of(state, block, beside), RoundRows.words(state, block));
    }
}
