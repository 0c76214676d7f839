package wildchalk.desktop.sound;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.function.Supplier;
import wildchalk.core.pitchside.Signal;
import wildchalk.core.pitchside.sound.Sound;

/** Lets signals be heard, on a thread of its own: whoever asks for one never waits. The newest one is heard at once. */
public final class Sounder implements AutoCloseable {

    /** More than so much in a line is heard too late, milliseconds. */
    public static final int WANTED = 40;

    /** So much is handed to the line at a time, bytes: 10 milliseconds. */
    private static final int PIECE = Sound.RATE / 100 * 2;

    private final LinkedBlockingQueue<Optional<Signal>> asked = new LinkedBlockingQueue<>();
    private final Map<Signal, byte[]> samples = new EnumMap<>(Signal.class);
    private final Supplier<Optional<Line>> device;
    private volatile boolean audible;
    private volatile boolean tried;

    private Sounder(Supplier<Optional<Line>> device) {
        this.device = device;
        for (Signal signal : Signal.values()) {
            samples.put(signal, bytes(Sound.of(signal)));
        }
        Thread thread = new Thread(this::play, "sounder");
        thread.setDaemon(true);
        thread.setPriority(Thread.MAX_PRIORITY);
        thread.start();
    }

    /** The sound of this computer. Its device is opened beside everything. */
    public static Sounder ofThisComputer() {
        return new Sounder(SystemLine::open);
    }

    /** @param device opened on the thread that plays; empty where there is none */
    public static Sounder on(Supplier<Optional<Line>> device) {
        return new Sounder(device);
    }

    /** How many milliseconds the line of this computer holds; empty where there is no device. It opens it for that. */
    public static Optional<Integer> bufferMillis() {
        Optional<Line> line = SystemLine.open();
        Optional<Integer> millis = line.map(Line::bufferMillis);
        line.ifPresent(Line::close);
        return millis;
    }

    private static byte[] bytes(short[] samples) {
        byte[] bytes = new byte[samples.length * 2];
        for (int i = 0; i < samples.length; i++) {
            bytes[2 * i] = (byte) samples[i];
            bytes[2 * i + 1] = (byte) (samples[i] >> 8);
        }
        return bytes;
    }

    /** Whether there is something to be heard through, as far as it is known by now. */
    public boolean isAudible() {
        return audible;
    }

    /** Whether it is known by now if there is something to be heard through. */
    public boolean isOpened() {
        return tried;
    }

    /** Lets a signal be heard, in place of what is heard now. */
    public void sound(Signal signal) {
        asked.add(Optional.of(signal));
    }

    private void play() {
        Optional<Line> opened = device.get();
        audible = opened.isPresent();
        tried = true;
        try {
            Optional<Signal> next = asked.take();
            while (next.isPresent()) {
                byte[] pcm = samples.get(next.get());
                opened.ifPresent(line -> hear(line, pcm));
                next = asked.take();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            opened.ifPresent(Line::close);
        }
    }

    private void hear(Line line, byte[] pcm) {
        for (int at = 0; at < pcm.length; at += PIECE) {
            if (!asked.isEmpty()) {
                line.flush();
                return;
            }
            line.write(pcm, at, Math.min(PIECE, pcm.length - at));
        }
    }

    /** Nothing is heard any more. */
    @Override
    public void close() {
        asked.add(Optional.empty());
    }
}
