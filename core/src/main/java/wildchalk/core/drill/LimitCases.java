package wildchalk.core.drill;

/** One answer for each kind of limit: a new kind is not compiled until every place has answered. */
public interface LimitCases<R> {

    /** For {@link Limit.Count}. */
    R count(Limit.Count count);

    /** For {@link Limit.PassesFirst}. */
    R passesFirst(Limit.PassesFirst passesFirst);

    /** For {@link Limit.EntriesFirst}. */
    R entriesFirst(Limit.EntriesFirst entriesFirst);

    /** For {@link Limit.Within}. */
    R within(Limit.Within within);

    /** For {@link Limit.OnlyIn}. */
    R onlyIn(Limit.OnlyIn onlyIn);

    /** For {@link Limit.StayIn}. */
    R stayIn(Limit.StayIn stay);

    /** For {@link Limit.NotBefore}. */
    R notBefore(Limit.NotBefore notBefore);
}
