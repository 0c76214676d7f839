package wildchalk.core.flow;

/** The letters that stand for people: A to Z, then AA, AB and so on. */
final class Letters {

    private static final int ALL = 26;

    private Letters() {}

    /** The letters of the {@code i}th person, counted from 0. */
    static String of(int i) {
        String last = String.valueOf((char) ('A' + i % ALL));
        return i < ALL ? last : of(i / ALL - 1) + last;
    }
}
