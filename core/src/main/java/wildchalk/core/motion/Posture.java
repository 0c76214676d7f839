package wildchalk.core.motion;

/** How low a body is. */
public enum Posture {
    UP,
    KNEELING,
    LYING
}
