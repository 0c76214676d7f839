package wildchalk.core.drill;

/**
 * How those who wait stand.
 *
 * @param direction from the front person to the next, radians clockwise from where the front person faces
 * @param spacing metres from one to the next; 0 for as close as can be drawn
 */
public record Queue(double direction, double spacing) {

    public static final Queue BEHIND = new Queue(Math.PI, 0);

    /**
     * How far behind the front person somebody is drawn, metres.
     *
     * @param k which of those who wait, from 1; 0 for the front person
     * @param unit the radius of a token, metres
     */
    public double away(int k, double unit) {
        double drawn = k == 0 ? 0 : unit * (2.6 + 1.9 * (k - 1));
        return spacing > 0 ? spacing * k : drawn;
    }
}
