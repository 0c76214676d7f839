package wildchalk.handout.page;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleFunction;

/** Where something is over time, as few points as tell it: between two of them it goes straight and evenly. */
final class Track {

    /** Looked at so often, seconds. */
    private static final double STEP = 0.02;
    /** So many steps apart one looks whether anything moves. */
    private static final int WHILE = 12;
    /** No point is farther off than this, in units of the picture; degrees for angles. */
    private static final double OFF = 0.8;

    private static final double OFF_DEGREES = 3;
    /** Places are said in tenths of a unit, times in hundredths of a second. */
    private static final int FINE = 10;

    private static final int HUNDRED = 100;

    private Track() {}

    /**
     * The points one after another, each of them as differences to the one before: time, right, down, and the angle
     * where there is one.
     *
     * @param at place and angle at a time: {right, down} or {right, down, degrees}
     */
    static List<Integer> of(double duration, DoubleFunction<double[]> at) {
        return of(duration, now(duration, at), at);
    }

    /** The same where it was looked at now and then already. */
    static List<Integer> of(double duration, List<double[]> now, DoubleFunction<double[]> at) {
        int steps = steps(duration);
        List<double[]> points = new ArrayList<>();
        double before = 0;
        for (double[] p : looked(steps, now, at)) {
            if (p.length > 2) {
                // The short way round.
                p[2] = before + Math.IEEEremainder(p[2] - before, 360);
                before = p[2];
            }
            points.add(p);
        }
        List<Integer> kept = new ArrayList<>();
        kept.add(0);
        keep(points, 0, steps, kept);
        kept.add(steps);
        return differences(points, kept.stream().distinct().sorted().toList());
    }

    /** The place every {@value #WHILE} steps, and at the end: enough to know a run by that was looked at before. */
    static List<double[]> now(double duration, DoubleFunction<double[]> at) {
        int steps = steps(duration);
        List<double[]> places = new ArrayList<>();
        for (int i = 0; i < steps; i += WHILE) {
            places.add(at.apply(i * STEP));
        }
        places.add(at.apply(steps * STEP));
        return places;
    }

    private static int steps(double duration) {
        return (int) Math.max(1, Math.ceil(duration / STEP));
    }

    /** The place at every step. Who is where they were a while ago has stood there. */
    private static List<double[]> looked(int steps, List<double[]> now, DoubleFunction<double[]> at) {
        List<double[]> places = new ArrayList<>();
        for (int i = 0; i < steps; i += WHILE) {
            int end = Math.min(steps, i + WHILE);
            double[] here = now.get(i / WHILE);
            double[] there = now.get(i / WHILE + 1);
            boolean stands = Arrays.equals(here, there) && Arrays.equals(here, at.apply((i + end) / 2 * STEP));
            places.add(here.clone());
            for (int k = i + 1; k < end; k++) {
                places.add(stands ? here.clone() : at.apply(k * STEP));
            }
        }
        places.add(now.get(now.size() - 1).clone());
        return places;
    }

    private static void keep(List<double[]> points, int from, int to, List<Integer> kept) {
        int worst = -1;
        double most = 1;
        for (int i = from + 1; i < to; i++) {
            double off = off(points, from, to, i);
            if (off > most) {
                most = off;
                worst = i;
            }
        }
        if (worst >= 0) {
            keep(points, from, worst, kept);
            kept.add(worst);
            keep(points, worst, to, kept);
        }
    }

    /** How far a point is off the straight way, 1 for as far as it may be. */
    private static double off(List<double[]> points, int from, int to, int i) {
        double share = (double) (i - from) / (to - from);
        double[] a = points.get(from);
        double[] b = points.get(to);
        double[] p = points.get(i);
        double away = Math.hypot(a[0] + (b[0] - a[0]) * share - p[0], a[1] + (b[1] - a[1]) * share - p[1]) / OFF;
        return p.length < 3 ? away : Math.max(away, Math.abs(a[2] + (b[2] - a[2]) * share - p[2]) / OFF_DEGREES);
    }

    private static List<Integer> differences(List<double[]> points, List<Integer> kept) {
        List<Integer> out = new ArrayList<>();
        long[] before = new long[4];
        for (int i : kept) {
            double[] p = points.get(i);
            long[] now = {
                Math.round(i * STEP * HUNDRED),
                Math.round(p[0] * FINE),
                Math.round(p[1] * FINE),
                p.length > 2 ? Math.round(p[2]) : 0
            };
            for (int k = 0; k <= p.length; k++) {
                out.add((int) (now[k] - before[k]));
            }
            before = now;
        }
        return out;
    }
}
