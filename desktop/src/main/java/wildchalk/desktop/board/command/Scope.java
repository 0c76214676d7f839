package wildchalk.desktop.board.command;

/** When a command counts, as it is headed on the help card. */
public enum Scope {
    PLACING("With this in the hand"),
    LINE("For the chosen line"),
    CHOSEN("For what is chosen"),
    ALWAYS("Always");

    private final String heading;

    Scope(String heading) {
        this.heading = heading;
    }

    public String heading() {
        return heading;
    }
}
