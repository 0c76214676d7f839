package wildchalk.desktop.pitchside;

import wildchalk.core.pitchside.Briefing;
import wildchalk.core.pitchside.Deed;

/**
 * What was done, in a word or two, as it would be taken back.
 *
 * @param known what people are called
 */
record DeedWords(Briefing known) implements Deed.Cases<String> {

    private static String say(String key, Object... values) {
        return RunWords.say("done." + key, values);
    }

    @Override
    public String go(Deed.Go go) {
        return say("go");
    }

    @Override
    public String stop(Deed.Stop stop) {
        return say("stop");
    }

    @Override
    public String next(Deed.Next next) {
        return say("next");
    }

    @Override
    public String back(Deed.Back back) {
        return say("back");
    }

    @Override
    public String skip(Deed.Skip skip) {
        return say("skip");
    }

    @Override
    public String more(Deed.More more) {
        return say("more");
    }

    @Override
    public String anew(Deed.Anew anew) {
        return say("anew");
    }

    @Override
    public String called(Deed.Called called) {
        return say("called", called.what());
    }

    @Override
    public String counted(Deed.Counted counted) {
        return counted.who().isEmpty()
                ? say("counted.one", signed(counted.by()))
                : say("counted", known.name(counted.who()), signed(counted.by()));
    }

    private static String signed(int by) {
        return by > 0 ? "+" + by : Integer.toString(by);
    }

    @Override
    public String noted(Deed.Noted noted) {
        return say("noted");
    }

    @Override
    public String timed(Deed.Timed timed) {
        return say("timed", RunWords.seconds(timed.millis()));
    }

    @Override
    public String marked(Deed.Marked marked) {
        return say("marked");
    }

    @Override
    public String agreed(Deed.Agreed agreed) {
        return say("agreed");
    }
}
