package wildchalk.core.casting;

import java.util.Arrays;

/** The cheapest way to give each of some places one of at least as many people: Kuhn's method with potentials. */
final class Assignment {

    private Assignment() {}

    /**
     * Whom each place gets.
     *
     * @param cost by place and person; no fewer people than places
     */
    static int[] of(double[][] cost) {
        int places = cost.length;
        int people = places == 0 ? 0 : cost[0].length;
        double[] ofPlace = new double[places + 1];
        double[] ofPerson = new double[people + 1];
        // Places and people are counted from 1; 0 is nobody.
        int[] placeOf = new int[people + 1];
        for (int place = 1; place <= places; place++) {
            placeOf[0] = place;
            int[] way = new int[people + 1];
            int last = reach(cost, placeOf, ofPlace, ofPerson, way);
            while (last != 0) {
                placeOf[last] = placeOf[way[last]];
                last = way[last];
            }
        }
        int[] who = new int[places];
        for (int person = 1; person <= people; person++) {
            if (placeOf[person] > 0) {
                who[placeOf[person] - 1] = person - 1;
            }
        }
        return who;
    }

    /** The cheapest chain of changes to somebody who has no place yet; {@code way} leads back along it. */
    private static int reach(double[][] cost, int[] placeOf, double[] ofPlace, double[] ofPerson, int[] way) {
        int people = ofPerson.length - 1;
        double[] least = new double[people + 1];
        boolean[] seen = new boolean[people + 1];
        Arrays.fill(least, Double.MAX_VALUE);
        int at = 0;
        while (placeOf[at] != 0) {
            seen[at] = true;
            int place = placeOf[at];
            double step = Double.MAX_VALUE;
            int next = 0;
            for (int person = 1; person <= people; person++) {
                if (!seen[person]) {
                    double now = cost[place - 1][person - 1] - ofPlace[place] - ofPerson[person];
                    if (now < least[person]) {
                        least[person] = now;
                        way[person] = at;
                    }
                    if (least[person] < step) {
                        step = least[person];
                        next = person;
                    }
                }
            }
            for (int person = 0; person <= people; person++) {
                if (seen[person]) {
                    ofPlace[placeOf[person]] += step;
                    ofPerson[person] -= step;
                } else {
                    least[person] -= step;
                }
            }
            at = next;
        }
        return at;
    }
}
