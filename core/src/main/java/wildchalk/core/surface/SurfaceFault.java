package wildchalk.core.surface;

/** A surface file that is not sound. */
public final class SurfaceFault extends Exception {

    private static final long serialVersionUID = 1L;

    private final String pointer;

    /**
     * @param pointer to the value that is at fault, as a JSON pointer
     * @param words what is wrong and what would be right
     */
    public SurfaceFault(String pointer, String words) {
        super(words);
        this.pointer = pointer;
    }

    /** Where in the file, as a JSON pointer. */
    public String pointer() {
        return pointer;
    }
}
