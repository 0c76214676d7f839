package wildchalk.desktop.squad;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import wildchalk.core.document.Edit;
import wildchalk.core.grouping.Asked;
import wildchalk.core.grouping.Division;
import wildchalk.core.grouping.GroupWords;
import wildchalk.core.grouping.Style;
import wildchalk.core.grouping.Wish;
import wildchalk.core.grouping.search.Divider;
import wildchalk.core.squad.Gathering;
import wildchalk.core.squad.GroupNames;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadEdits;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.page.OpenDocument;

/** The squad on the page, and what is looked at of it. Whatever is done to it goes through here. */
public final class SquadState {

    static final Wordbook BOOK = Wordbook.beside(SquadState.class, "Squad");

    /** How often others are looked for that are as good. */
    private static final int TRIES = 4;

    private final OpenDocument<Squad> document;
    private final Divider divider;
    private final Consumer<String> warn;
    private final StringProperty find = new SimpleStringProperty("");
    private final ReadOnlyObjectWrapper<Set<String>> chosen = new ReadOnlyObjectWrapper<>(Set.of());
    private final ReadOnlyObjectWrapper<Optional<String>> person = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyBooleanWrapper dividing = new ReadOnlyBooleanWrapper();
    /** Who was with whom on evenings that were; empty where the log knows none, and what the squad remembers counts. */
    private List<List<List<String>>> company = List.of();

    private AtomicBoolean stop = new AtomicBoolean();
    /** What was found last: whether there is none better is known only of this. */
    private Optional<Division> found = Optional.empty();

    /**
     * The state of a page.
     *
     * @param warn told, in a coach's words, what could not be done
     */
    public SquadState(OpenDocument<Squad> document, Divider divider, Consumer<String> warn) {
        this.document = document;
        this.divider = divider;
        this.warn = warn;
    }

    public OpenDocument<Squad> document() {
        return document;
    }

    public Squad squad() {
        return document.document();
    }

    /** What the log knows of who was with whom: that is how it really was. */
    public void company(List<List<List<String>>> evenings) {
        company = evenings;
    }

    /** The squad with who was really with whom. */
    Squad remembered() {
        return company.isEmpty() ? squad() : squad().remembering(company);
    }

    void apply(Edit<Squad> edit) {
        document.apply(edit);
        keepToWhoIsThere();
    }

    private void keepToWhoIsThere() {
        Set<String> left = new LinkedHashSet<>(chosen.get());
        left.retainAll(squad().playing().stream().map(Member::id).toList());
        chosen.set(left);
        person.get()
                .filter(p ->
                        squad().person(p).isEmpty() && squad().staff().stream().noneMatch(h -> h.id().equals(p)))
                .ifPresent(p -> person.set(Optional.empty()));
    }

    /** What is typed to find somebody. */
    StringProperty findProperty() {
        return find;
    }

    /** Who in the groups is chosen, by id, in the order of choosing. */
    ReadOnlyObjectProperty<Set<String>> chosenProperty() {
        return chosen.getReadOnlyProperty();
    }

    /** Chooses somebody too, or no longer. */
    void choose(String who) {
        Set<String> now = new LinkedHashSet<>(chosen.get());
        if (!now.remove(who)) {
            now.add(who);
        }
        chosen.set(now);
    }

    void chooseNobody() {
        chosen.set(Set.of());
    }

    /** Whose card is open. */
    ReadOnlyObjectProperty<Optional<String>> personProperty() {
        return person.getReadOnlyProperty();
    }

    /** Opens somebody's card, or closes it. */
    void look(Optional<String> who) {
        person.set(who);
    }

    /** Whether groups are being looked for. */
    ReadOnlyBooleanProperty dividingProperty() {
        return dividing.getReadOnlyProperty();
    }

    /** The groups of tonight; without any while there are none. */
    Groups groups() {
        return squad().tonight().groups().orElse(Groups.NONE);
    }

    List<String> groupNames() {
        return GroupNames.of(groups().bibs());
    }

    String name(String id) {
        return squad().person(id).map(Member::name).orElse("");
    }

    void presence(Member who, Presence how) {
        apply(SquadEdits.presence(who.name(), who.id(), how));
    }

    /** Groups that were found, and what was asked for. */
    private record Found(Asked asked, Division division) {}

    /** So many groups, of the kind that there is now. */
    void divide(int groups) {
        divide(groups, groups().style(), groups().seed());
    }

    /** Looks for groups beside the window's thread; whatever was looked for before is no longer. */
    void divide(int groups, Style style, long seed) {
        Squad from = remembered();
        look(ended -> {
            Asked asked = Gathering.of(from, groups, style, seed);
            return new Found(asked, divider.divide(asked, ended::get));
        });
    }

    private void look(Function<AtomicBoolean, Found> search) {
        stop.set(true);
        AtomicBoolean ended = new AtomicBoolean();
        stop = ended;
        dividing.set(true);
        Background.work(
                BOOK.say("work.dividing"),
                () -> search.apply(ended),
                now -> {
                    if (!ended.get()) {
                        ended.set(true);
                        dividing.set(false);
                        found = Optional.of(now.division());
                        apply(SquadEdits.group(Gathering.made(squad(), now.asked(), now.division())));
                    }
                },
                trouble -> {
                    if (!ended.get()) {
                        ended.set(true);
                        dividing.set(false);
                        warn.accept(trouble.words(BOOK.say("trouble.groups")));
                    }
                });
    }

    /** Others that are as good, company aside; where a few tries find none, what was found last. */
    void again() {
        Squad from = remembered();
        Groups before = groups();
        Optional<Division> now = Gathering.judged(from);
        look(ended -> {
            Found other = null;
            for (int k = 1; k <= TRIES; k++) {
                Asked asked = Gathering.of(from, before.groups().size(), before.style(), before.seed() + k);
                other = new Found(asked, divider.divide(asked, ended::get));
                Division division = other.division();
                if (now.filter(n -> !isSame(n, division) && division.verdict().isAsGoodAs(n.verdict()))
                        .isPresent()) {
                    break;
                }
            }
            return other;
        });
    }

    /** Whether groups are being looked for. */
    public boolean isDividing() {
        return dividing.get();
    }

    /** Nothing is looked for any more. */
    public void leave() {
        stop.set(true);
        dividing.set(false);
    }

    /** One wish more; groups that there are follow it at once. */
    void wish(Wish wish) {
        apply(SquadEdits.wish(wish, words(wish)));
        follow();
    }

    /** May be broken where it could not be, or the other way round. */
    void swap(Wish wish, Wish other) {
        apply(SquadEdits.swap(wish, other, words(wish)));
        follow();
    }

    private void follow() {
        if (!groups().groups().isEmpty()) {
            divide(groups().groups().size());
        }
    }

    /** A wish in a coach's words. */
    String words(Wish wish) {
        Asked asked = Gathering.of(remembered(), Math.max(1, groups().groups().size()), groups().style(), 1);
        return new GroupWords(asked, this::name, groupNames()).wish(wish);
    }

    /** Whoever is in no group goes where fewest are. */
    void putIn() {
        Gathering.now(remembered()).ifPresent(asked -> Gathering.judged(remembered())
                .ifPresent(d -> apply(SquadEdits.group(Gathering.made(squad(), asked, d)))));
    }

    /**
     * What is to be said of the groups that there are.
     *
     * @param lines the weightiest first
     * @param missing those of them that say what could not be had
     */
    record Told(List<String> lines, List<String> missing) {}

    /** What is to be said of the groups that there are; nothing while there are none. */
    Told told() {
        Optional<Asked> asked = Gathering.now(remembered());
        if (asked.isEmpty()) {
            return new Told(List.of(), List.of());
        }
        Division judged = Gathering.judged(remembered()).orElseThrow();
        boolean best = found.filter(f -> f.best() && isSame(f, judged)).isPresent();
        GroupWords words = new GroupWords(asked.get(), this::name, groupNames());
        return new Told(words.told(new Division(judged.groups(), judged.verdict(), best)), words.missing(judged));
    }

    private static boolean isSame(Division one, Division other) {
        return one.verdict().equals(other.verdict())
                && new HashSet<>(one.groups()).equals(new HashSet<>(other.groups()));
    }
}
