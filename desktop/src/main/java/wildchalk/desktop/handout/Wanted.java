package wildchalk.desktop.handout;

import wildchalk.core.scene.Look;
import wildchalk.handout.HandOuts;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order.Film;
import wildchalk.handout.order.Order.Paper;
import wildchalk.storage.book.Book;

/**
 * What a coach wanted last, kept in the book.
 *
 * @param kind words of the kind of hand-out
 * @param look slate, paper, grey, or any true one for the ground
 * @param width of pictures, pixels
 * @param words whether title, key and script go with a picture
 */
public record Wanted(String kind, Look look, Paper paper, Film film, int width, boolean words) {

    static final Wanted USUAL =
            new Wanted(HandOuts.ALL.get(0).words(), Look.SLATE, Paper.USUAL, Film.USUAL, 1600, true);

    HandOut handOut() {
        return HandOuts.ALL.stream()
                .filter(h -> h.words().equals(kind))
                .findFirst()
                .orElse(HandOuts.ALL.get(0));
    }

    Wanted of(HandOut other) {
        return new Wanted(other.words(), look, paper, film, width, words);
    }

    Wanted looking(Look other) {
        return new Wanted(kind, other, paper, film, width, words);
    }

    Wanted on(Paper other) {
        return new Wanted(kind, look, other, film, width, words);
    }

    Wanted filmed(Film other) {
        return new Wanted(kind, look, paper, other, width, words);
    }

    Wanted wide(int dots) {
        return new Wanted(kind, look, paper, film, dots, words);
    }

    Wanted worded(boolean on) {
        return new Wanted(kind, look, paper, film, width, on);
    }

    /** As it was last kept; what cannot be understood is as usual. */
    public static Wanted read(Book book) {
        return new Wanted(
                book.setting("handout.kind", USUAL.kind),
                among(Look.class, book.setting("handout.look", ""), USUAL.look),
                new Paper(
                        among(Paper.Size.class, book.setting("handout.paper", ""), Paper.Size.A4),
                        is(book, "across", false),
                        is(book, "grey", false)),
                new Film(
                        among(Film.Shape.class, book.setting("handout.shape", ""), Film.Shape.WIDE),
                        speed(book),
                        is(book, "every-way", false),
                        is(book, "captions", true),
                        reps(book)),
                width(book.setting("handout.width", "")),
                is(book, "words", true));
    }

    private static int width(String kept) {
        return switch (kept) {
            case "3200" -> 3200;
            case "800" -> 800;
            default -> USUAL.width;
        };
    }

    public void write(Book book) {
        book.set("handout.kind", kind);
        book.set("handout.look", look.name());
        book.set("handout.paper", paper.size().name());
        book.set("handout.across", Boolean.toString(paper.across()));
        book.set("handout.grey", Boolean.toString(paper.grey()));
        book.set("handout.shape", film.shape().name());
        book.set("handout.speed", Double.toString(film.speed()));
        book.set("handout.every-way", Boolean.toString(film.everyWay()));
        book.set("handout.captions", Boolean.toString(film.captions()));
        book.set("handout.reps", Integer.toString(film.reps()));
        book.set("handout.width", Integer.toString(width));
        book.set("handout.words", Boolean.toString(words));
    }

    private static boolean is(Book book, String name, boolean usual) {
        return Boolean.parseBoolean(book.setting("handout." + name, Boolean.toString(usual)));
    }

    private static int reps(Book book) {
        return switch (book.setting("handout.reps", "")) {
            case "3" -> 3;
            case "6" -> 6;
            default -> 1;
        };
    }

    private static double speed(Book book) {
        return switch (book.setting("handout.speed", "")) {
            case "0.5" -> 0.5;
            case "0.25" -> 0.25;
            default -> 1;
        };
    }

    private static <E extends Enum<E>> E among(Class<E> kind, String word, E usual) {
        for (E e : kind.getEnumConstants()) {
            if (e.name().equals(word)) {
                return e;
            }
        }
        return usual;
    }
}
