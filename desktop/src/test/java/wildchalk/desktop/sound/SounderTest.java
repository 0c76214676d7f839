package wildchalk.desktop.sound;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import wildchalk.core.pitchside.Signal;
import wildchalk.core.pitchside.sound.Sound;

/** What comes to the line of a signal. */
class SounderTest {

    /** A line that takes only as much as it is let. */
    private static final class SlowLine implements Line {

        private final ByteArrayOutputStream taken = new ByteArrayOutputStream();
        private final Semaphore room;
        private final CountDownLatch begun = new CountDownLatch(1);
        private final CountDownLatch closed = new CountDownLatch(1);
        private int flushed;

        SlowLine(int room) {
            this.room = new Semaphore(room);
        }

        @Override
        public void write(byte[] pcm, int from, int length) {
            begun.countDown();
            room.acquireUninterruptibly();
            synchronized (this) {
                taken.write(pcm, from, length);
            }
        }

        @Override
        public synchronized void flush() {
            flushed++;
        }

        @Override
        public int bufferMillis() {
            return 40;
        }

        @Override
        public void close() {
            closed.countDown();
        }

        synchronized byte[] taken() {
            return taken.toByteArray();
        }
    }

    private static byte[] pcm(Signal signal) {
        short[] samples = Sound.of(signal);
        byte[] bytes = new byte[samples.length * 2];
        for (int i = 0; i < samples.length; i++) {
            bytes[2 * i] = (byte) (samples[i] & 0xFF);
            bytes[2 * i + 1] = (byte) (samples[i] >> 8 & 0xFF);
        }
        return bytes;
    }

    @Test
    void theSamplesOfASignalComeToTheLineWhole() throws InterruptedException {
        SlowLine line = new SlowLine(Integer.MAX_VALUE);
        Sounder sounder = Sounder.on(() -> Optional.of(line));
        sounder.sound(Signal.TICK);
        assertTrue(line.begun.await(30, TimeUnit.SECONDS));
        while (line.taken().length < pcm(Signal.TICK).length) {
            Thread.sleep(2);
        }
        sounder.close();
        assertTrue(line.closed.await(30, TimeUnit.SECONDS));
        assertArrayEquals(pcm(Signal.TICK), line.taken());
        assertTrue(sounder.isAudible() && sounder.isOpened());
    }

    @Test
    void theNewestIsHeardInPlaceOfWhatIsHeardNow() throws InterruptedException {
        SlowLine line = new SlowLine(3);
        Sounder sounder = Sounder.on(() -> Optional.of(line));
        sounder.sound(Signal.HORN);
        while (line.taken().length < 3 * 882) {
            Thread.sleep(2);
        }
        sounder.sound(Signal.WHISTLE);
        line.room.release(10_000);
        int all = pcm(Signal.WHISTLE).length;
        while (line.taken().length < all + 4 * 882) {
            Thread.sleep(2);
        }
        sounder.close();
        assertTrue(line.closed.await(30, TimeUnit.SECONDS));
        byte[] taken = line.taken();
        assertArrayEquals(pcm(Signal.WHISTLE), Arrays.copyOfRange(taken, taken.length - all, taken.length));
        assertTrue(taken.length - all <= 5 * 882, "the horn was cut short: " + taken.length);
        assertEquals(1, line.flushed);
    }

    @Test
    void withoutADeviceNothingFails() throws InterruptedException {
        Sounder sounder = Sounder.on(Optional::empty);
        for (Signal signal : Signal.values()) {
            sounder.sound(signal);
        }
        while (!sounder.isOpened()) {
            Thread.sleep(2);
        }
        assertFalse(sounder.isAudible());
        sounder.close();
    }
}
