package wildchalk.core.drill;

/** One answer for each kind of rotation: a new kind is not compiled until every place has answered. */
public interface RotationCases<R> {

    /** For {@link Rotation.Goes}. */
    R goes(Rotation.Goes goes);

    /** For {@link Rotation.Starts}. */
    R starts(Rotation.Starts starts);

    /** For {@link Rotation.Sides}. */
    R sides(Rotation.Sides sides);

    /** For {@link Rotation.Fetches}. */
    R fetches(Rotation.Fetches fetches);

    /** For {@link Rotation.Over}. */
    R over(Rotation.Over over);

    /** For {@link Rotation.StepsUp}. */
    R stepsUp(Rotation.StepsUp stepsUp);

    /** For {@link Rotation.Repeats}. */
    R repeats(Rotation.Repeats repeats);

    /** For {@link Rotation.Shares}. */
    R shares(Rotation.Shares shares);

    /** For {@link Rotation.Fits}. */
    R fits(Rotation.Fits fits);
}
