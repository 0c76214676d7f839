package wildchalk.desktop.board.card;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Whom;
import wildchalk.core.edit.AreaEdits;
import wildchalk.desktop.board.state.BoardState;

/** The rule for a zone: who may be in it, or what has to happen there. */
final class RuleMenu extends MenuButton {

    private static final List<Integer> SECONDS = List.of(5, 8, 10);
    private static final List<Integer> ENTRIES = List.of(1, 2, 3);

    private final BoardState state;
    private final Piece.Zone zone;

    RuleMenu(BoardState state, Piece.Zone zone) {
        this.state = state;
        this.zone = zone;
        setId("area-rule");
        getStyleClass().add("pill");
        setText("rule: "
                + AreaEdits.rule(state.stage(), zone.id()).map(this::words).orElse("none"));
        add("none", Optional::empty);
        add("nobody may be in it", () -> Optional.of(new Limit.OnlyIn(id(), zone.id(), new Whom.People(List.of()))));
        for (Bib bib : Bib.values()) {
            if (!wearing(bib).isEmpty()) {
                add(
                        "only " + name(bib) + " may be in it",
                        () -> Optional.of(new Limit.OnlyIn(id(), zone.id(), new Whom.Team(bib))));
            }
        }
        SECONDS.forEach(s -> add(
                "a ball in it within " + s + " s",
                () -> Optional.of(new Limit.Within(id(), s, Optional.of(zone.id()), Optional.empty()))));
        ENTRIES.forEach(n -> add(
                n + (n == 1 ? " entry" : " entries") + " of a ball before a shot",
                () -> Optional.of(new Limit.EntriesFirst(id(), n, zone.id()))));
    }

    private void add(String words, Supplier<Optional<Limit>> rule) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> {
            state.apply(AreaEdits.ruling(state.rung(), zone, rule.get()));
            setText("rule: " + words);
        });
        getItems().add(item);
    }

    private String id() {
        return AreaEdits.rule(state.stage(), zone.id()).map(Limit::id).orElseGet(() -> state.freeIds()
                .take("l"));
    }

    private List<String> wearing(Bib bib) {
        return state.stage().people().stream()
                .filter(p -> p.isOnATeam() && p.bib() == bib)
                .map(Piece::id)
                .toList();
    }

    private static String name(Bib bib) {
        return bib.name().toLowerCase(Locale.ROOT);
    }

    private String words(Limit limit) {
        if (limit instanceof Limit.OnlyIn only) {
            return only.whom().equals(new Whom.People(List.of()))
                    ? "nobody may be in it"
                    : List.of(Bib.values()).stream()
                            .filter(t -> only.whom().team().equals(Optional.of(t))
                                    || wearing(t).equals(only.whom().named()))
                            .findFirst()
                            .map(t -> "only " + name(t) + " may be in it")
                            .orElse("only some may be in it");
        }
        return limit instanceof Limit.Within within
                ? "a ball in it within " + Math.round(within.seconds()) + " s"
                : ((Limit.EntriesFirst) limit).entries() + " entries of a ball before a shot";
    }
}
