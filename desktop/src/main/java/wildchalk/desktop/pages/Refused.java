package wildchalk.desktop.pages;

/** A file that is not sound, in a coach's words. */
final class Refused extends RuntimeException {

    private static final long serialVersionUID = 1L;

    Refused(String words) {
        super(words);
    }
}
