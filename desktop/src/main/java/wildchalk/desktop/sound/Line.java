package wildchalk.desktop.sound;

/** Where samples go to be heard. */
public interface Line extends AutoCloseable {

    /**
     * Takes samples, and waits while there is no room for them.
     *
     * @param pcm 16 bits each, signed, the low byte first; one channel
     * @param from of the first byte
     * @param length bytes, an even number
     */
    void write(byte[] pcm, int from, int length);

    /** What was not heard yet never is. */
    void flush();

    /** How many milliseconds of samples it holds at most. */
    int bufferMillis();

    @Override
    void close();
}
