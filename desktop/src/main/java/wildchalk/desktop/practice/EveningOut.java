package wildchalk.desktop.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import wildchalk.core.evening.Handed;
import wildchalk.core.squad.Helper;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.ListButton;
import wildchalk.desktop.control.PageHead;
import wildchalk.handout.evening.EveningOrder;
import wildchalk.handout.evening.EveningSheet;
import wildchalk.handout.order.Order;

/** How the evening goes out: as what, on which paper, for whom, and whether anybody is named. */
final class EveningOut extends VBox {

    private final PracticeState state;
    private EveningSheet kind = EveningSheet.RUN_SHEET;
    private Order.Paper.Size size = Order.Paper.Size.A4;
    private boolean grey;
    private boolean named;
    private Whom whom = Whom.ALL;
    private String marked = "";

    /** For whom a run sheet is. */
    private enum Whom {
        ALL,
        ONE,
        EACH
    }

    EveningOut(PracticeState state) {
        super(10);
        this.state = state;
        setId("evening-out");
        getStyleClass().add("block-card");
        fill();
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    private void fill() {
        getChildren()
                .setAll(new PageHead(
                        say("out.title"),
                        say("evening.back"),
                        "evening-out-back",
                        () -> state.show(PracticeState.Side.FOUND)));
        FlowPane kinds = BlockCard.row(say("out.as"));
        for (EveningSheet each : EveningSheet.values()) {
            kinds.getChildren().add(choice("out-" + each.word(), each.words(), kind == each, () -> kind = each));
        }
        getChildren().addAll(kinds, quiet(kind.about()));
        if (kind == EveningSheet.RUN_SHEET) {
            getChildren().addAll(paper(), whom());
        }
        if (kind.canName()) {
            getChildren()
                    .addAll(
                            BlockCard.row(
                                    say("out.names"),
                                    choice("out-nobody", say("out.nobody"), !named, () -> named = false),
                                    choice("out-named", say("out.named"), named, () -> named = true)),
                            quiet(say(named ? "out.names.care" : "out.names.none")));
        }
        Button save = new Button(say("out.save"));
        save.setId("evening-out-save");
        save.getStyleClass().add("dark-button");
        save.setOnAction(e -> state.desk().save(kind, orders()));
        if (kind == EveningSheet.CALENDAR && state.practice().slot().day().isEmpty()) {
            save.setDisable(true);
            getChildren().add(quiet(say("out.no.day")));
        }
        getChildren().add(save);
    }

    private Button choice(String id, String words, boolean on, Runnable then) {
        return BlockCard.choice(id, words, on, () -> {
            then.run();
            fill();
            // Keys go on where they were: what was pressed is another button now.
            Node pressed = lookup("#" + id);
            if (pressed != null) {
                pressed.requestFocus();
            }
        });
    }

    private static Label quiet(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("quiet");
        label.setWrapText(true);
        return label;
    }

    private FlowPane paper() {
        FlowPane row = BlockCard.row(say("out.paper"));
        Arrays.stream(Order.Paper.Size.values()).forEach(s -> row.getChildren()
                .add(choice("out-" + Wordbook.key(s), say("out." + Wordbook.key(s)), size == s, () -> size = s)));
        row.getChildren().add(choice("out-grey", say("out.grey"), grey, () -> grey = !grey));
        return row;
    }

    private FlowPane whom() {
        ListButton list = new ListButton(
                switch (whom) {
                    case ALL -> say("out.all");
                    case ONE -> name(marked);
                    case EACH -> say("out.each");
                });
        list.setId("out-for");
        list.getStyleClass().add("pill");
        list.point();
        list.offer(() -> {
            List<MenuItem> items = new ArrayList<>();
            items.add(BlockCard.item("out-for-all", say("out.all"), () -> whom(Whom.ALL, "")));
            for (Helper helper : state.handed().staff()) {
                items.add(
                        BlockCard.item("out-for-" + helper.id(), name(helper.id()), () -> whom(Whom.ONE, helper.id())));
            }
            if (items.size() > 1) {
                items.add(BlockCard.item("out-for-each", say("out.each"), () -> whom(Whom.EACH, "")));
            }
            return items;
        });
        return BlockCard.row(say("out.for"), list);
    }

    private void whom(Whom now, String who) {
        whom = now;
        marked = who;
        fill();
    }

    /** What one of the staff is called here, where everybody is known. */
    private String name(String helper) {
        return state.handed().saying(new Handed.Who(true, "")).lead(helper);
    }

    /** What is written, by what is added to the name of the file. */
    private Map<String, EveningOrder> orders() {
        EveningOrder order = EveningOrder.of(state.handed()).on(new Order.Paper(size, false, grey));
        Map<String, EveningOrder> all = new LinkedHashMap<>();
        boolean names = named && kind.canName();
        if (kind != EveningSheet.RUN_SHEET || whom == Whom.ALL) {
            all.put("", order.saying(new Handed.Who(names, "")));
        } else if (whom == Whom.ONE) {
            all.put("", order.saying(new Handed.Who(names, marked)));
        } else {
            for (Helper helper : state.handed().staff()) {
                Handed.Who who = new Handed.Who(names, helper.id());
                all.put(state.handed().saying(who).lead(helper.id()), order.saying(who));
            }
        }
        return all;
    }
}
