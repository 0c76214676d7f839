package wildchalk.core.log.season;

import java.util.List;
import java.util.Optional;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;

/**
 * Which evenings are looked at, and what of them.
 *
 * @param squad id of the squad; empty for any
 * @param person key of one who was there ({@link Entry.There#key}); empty for anybody
 * @param skill that was practised; empty for any
 * @param drill id of a drill that was run; empty for any
 */
public record Asked(Span span, String squad, String person, Optional<Skill> skill, String drill) {

    /** All of them. */
    public static final Asked ALL = in(Span.ALL);

    /** All of some days. */
    public static Asked in(Span span) {
        return new Asked(span, "", "", Optional.empty(), "");
    }

    /** The same on other days. */
    public Asked on(Span other) {
        return new Asked(other, squad, person, skill, drill);
    }

    /** The same of a squad; empty for any. */
    public Asked ofSquad(String other) {
        return new Asked(span, other, person, skill, drill);
    }

    /** The same of one who was there, by their key; empty for anybody. */
    public Asked ofPerson(String other) {
        return new Asked(span, squad, other, skill, drill);
    }

    /** The same of a skill; empty for any. */
    public Asked of(Optional<Skill> other) {
        return new Asked(span, squad, person, other, drill);
    }

    /** The same of a drill; empty for any. */
    public Asked ofDrill(String other) {
        return new Asked(span, squad, person, skill, other);
    }

    /** Whether only some parts of an evening are looked at. */
    public boolean isOfParts() {
        return skill.isPresent() || !drill.isEmpty();
    }

    /** Whether an evening is looked at; where parts are asked for, at least one of its parts is. */
    public boolean holds(Entry entry) {
        return span.holds(entry.when().day())
                && (squad.isEmpty() || squad.equals(entry.there().squad()))
                && (person.isEmpty()
                        || entry.there().known().stream()
                                .anyMatch(id -> entry.there().key(id).equals(person)))
                && (!isOfParts() || entry.parts().stream().anyMatch(this::holds));
    }

    /** Whether a part is looked at. */
    public boolean holds(Part part) {
        return (drill.isEmpty()
                        || part.drill().filter(d -> d.id().equals(drill)).isPresent())
                && (skill.isEmpty()
                        || part.work()
                                .filter(w -> w.skills().getOrDefault(skill.get(), 0.0) > 0)
                                .isPresent());
    }

    /** The parts of an evening that are looked at. */
    List<Part> parts(Entry entry) {
        return isOfParts() ? entry.parts().stream().filter(this::holds).toList() : entry.parts();
    }
}
