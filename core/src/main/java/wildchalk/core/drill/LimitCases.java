package wildchalk.core.drill;

/** One answer for each kind of limit: a new kind is not compiled until every place has answered. */
public interface LimitCases<R> {

    R atMost(Limit.AtMost atMost);

    R passesFirst(Limit.PassesFirst passesFirst);

    R entriesFirst(Limit.EntriesFirst entriesFirst);

    R within(Limit.Within within);

    R onlyIn(Limit.OnlyIn onlyIn);

    R notBefore(Limit.NotBefore notBefore);
}
