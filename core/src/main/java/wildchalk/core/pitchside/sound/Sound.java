package wildchalk.core.pitchside.sound;

import java.util.function.DoubleUnaryOperator;
import wildchalk.core.pitchside.Signal;

/**
 * The sound of a signal, made of sines: nothing of it is recorded. One channel, {@value #RATE} samples a second, 16
 * bits each; it begins and ends in silence, so that it does not crack.
 */
public final class Sound {

    /** Samples in a second. */
    public static final int RATE = 44_100;
    /** The loudest sample there is; under the largest that 16 bits hold, so that nothing is cut off. */
    public static final int LOUDEST = 29_000;

    private static final double TURN = 2 * Math.PI;
    /** Seconds in which a sound comes and goes. */
    private static final double EDGE = 0.008;

    private static final double WHISTLE = 0.55;
    private static final double SHORT = 0.2;
    private static final double BETWEEN = 0.1;
    private static final double HORN = 1.1;
    private static final double BEEP = 0.14;
    private static final double TICK = 0.05;

    private Sound() {}

    /** The samples of a signal. */
    public static short[] of(Signal signal) {
        return switch (signal) {
            case WHISTLE -> played(WHISTLE, Sound::whistle);
            case DOUBLE_WHISTLE -> twice(played(SHORT, Sound::whistle));
            case WARNING -> twice(played(BEEP, t -> Math.sin(TURN * 784 * t)));
            case TICK -> played(TICK, t -> Math.sin(TURN * 1047 * t));
            case HORN -> played(HORN, Sound::horn);
        };
    }

    /** How long a signal sounds, seconds. */
    public static double seconds(Signal signal) {
        return (double) of(signal).length / RATE;
    }

    /** Two tones that beat against each other, as a ball in a whistle makes them. */
    private static double whistle(double t) {
        double flutter = 1 + 0.012 * Math.sin(TURN * 38 * t);
        return 0.6 * Math.sin(TURN * 2900 * flutter * t) * (0.75 + 0.25 * Math.sin(TURN * 38 * t))
                + 0.3 * Math.sin(TURN * 3120 * t);
    }

    /** A low tone with what is above it. */
    private static double horn(double t) {
        double sum = 0;
        for (int k = 1; k <= 6; k++) {
            sum += Math.sin(TURN * 233 * k * t) / k;
        }
        return sum / 1.9;
    }

    private static short[] played(double seconds, DoubleUnaryOperator wave) {
        short[] samples = new short[(int) Math.round(seconds * RATE)];
        for (int i = 0; i < samples.length; i++) {
            double t = (double) i / RATE;
            double edge = Math.min(1, Math.min(t, seconds - t) / EDGE);
            double x = Math.max(-1, Math.min(1, wave.applyAsDouble(t))) * Math.max(0, edge);
            samples[i] = (short) Math.round(x * LOUDEST);
        }
        return samples;
    }

    private static short[] twice(short[] once) {
        int gap = (int) Math.round(BETWEEN * RATE);
        short[] both = new short[2 * once.length + gap];
        System.arraycopy(once, 0, both, 0, once.length);
        System.arraycopy(once, 0, both, once.length + gap, once.length);
        return both;
    }
}
