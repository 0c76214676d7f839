package wildchalk.handout.order;

/** Told how far a hand-out is, and asked whether it is still wanted. */
public interface Progress {

    /** Nobody looks, and nobody stops it. */
    Progress UNSEEN = new Progress() {
        @Override
        public void done(double share) {}

        @Override
        public boolean isCancelled() {
            return false;
        }
    };

    /** @param share of the work that is done, 0 to 1 */
    void done(double share);

    boolean isCancelled();

    /**
     * Says how far it is.
     *
     * @throws Cancelled when it is not wanted any more
     */
    default void step(double share) throws Cancelled {
        if (isCancelled()) {
            throw new Cancelled();
        }
        done(share);
    }
}
