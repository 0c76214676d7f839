package wildchalk.desktop.sound;

import java.util.Optional;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;
import wildchalk.core.pitchside.sound.Sound;

/** The sound device of this computer. */
final class SystemLine implements Line {

    private static final int BYTES = 2;
    private static final int SECOND = 1000;
    private static final AudioFormat FORMAT = new AudioFormat(Sound.RATE, 8 * BYTES, 1, true, false);

    private final SourceDataLine line;

    private SystemLine(SourceDataLine line) {
        this.line = line;
    }

    /** Opens it; empty where there is none, or none that can be had. It may take a while. */
    static Optional<Line> open() {
        try {
            SourceDataLine line = AudioSystem.getSourceDataLine(FORMAT);
            line.open(FORMAT, Sound.RATE * BYTES * Sounder.WANTED / SECOND / BYTES * BYTES);
            line.start();
            return Optional.of(new SystemLine(line));
        } catch (LineUnavailableException | IllegalArgumentException | SecurityException e) {
            // No device, or another program has it.
            return Optional.empty();
        }
    }

    @Override
    public void write(byte[] pcm, int from, int length) {
        line.write(pcm, from, length);
    }

    @Override
    public void flush() {
        line.flush();
    }

    @Override
    public int bufferMillis() {
        return line.getBufferSize() * SECOND / (Sound.RATE * BYTES);
    }

    @Override
    public void close() {
        line.close();
    }
}
