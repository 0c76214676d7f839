package wildchalk.core.script;

import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.CueCases;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Travel;
import wildchalk.core.measure.Unit;
import wildchalk.core.wording.Wordbook;

/** Words for moments of another action; those of none are what they are by themselves. */
record MomentsOfAction(Moments moments, Words words, Unit unit, Action other, Who who) implements CueCases<String> {

    /**
     * Whom it is about.
     *
     * @param names one, or several as they are listed
     * @param count how many
     */
    record Who(String names, int count) {}

    private String say(String key, Object... more) {
        Object[] values = new Object[more.length + 2];
        values[0] = who.names();
        values[1] = who.count();
        System.arraycopy(more, 0, values, 2, more.length);
        return words.say(key, values);
    }

    @Override
    public String partway(Cue.Partway p) {
        boolean half = Math.abs(p.share() - 0.5) < 0.005;
        return say(half ? "as.halfway" : "as.partway", words.share(p.share()));
    }

    @Override
    public String gone(Cue.Gone g) {
        return say("as.gone", unit.spoken(g.metres()));
    }

    @Override
    public String released(Cue.Released released) {
        return say("as.releases", words.word(who.count() == 1 ? "ball" : "balls"));
    }

    @Override
    public String received(Cue.Received received) {
        if (other instanceof Contest c && c.gets().size() > 1) {
            return words.say("once.won", words.word("ball"));
        }
        return moments.receiver(other)
                .map(r -> say("as.receives"))
                .orElseGet(() -> words.say("as.gets.there", words.word("ball")));
    }

    @Override
    public String with(Cue.With with) {
        return other.match(new ActionCases.Families<>() {
            @Override
            public String travel(Travel travel) {
                return say("as.sets.off");
            }

            @Override
            public String delivery(Action.Delivery delivery) {
                return say("as.plays");
            }

            @Override
            public String shadow(Shadow shadow) {
                return does();
            }

            @Override
            public String hold(Hold hold) {
                return does();
            }

            @Override
            public String call(Action.Call call) {
                return does();
            }

            @Override
            public String blow(Action.Blow blow) {
                return does();
            }

            @Override
            public String playOn(PlayOn play) {
                return say("as.play.begins");
            }

            @Override
            public String handle(Action.Handle handle) {
                return does();
            }

            @Override
            public String act(Act act) {
                return does();
            }

            @Override
            public String contest(Contest contest) {
                return does();
            }
        });
    }

    private String does() {
        return say("as.does", words.verb(other));
    }

    @Override
    public String after(Cue.After after) {
        return ended();
    }

    @Override
    public String next(Cue.Next next) {
        return ended();
    }

    private String ended() {
        return other.match(new ActionCases.Families<>() {
            @Override
            public String travel(Travel travel) {
                return say("when.there");
            }

            @Override
            public String delivery(Action.Delivery delivery) {
                return say("once.gone");
            }

            @Override
            public String shadow(Shadow shadow) {
                return shadow.way() == Shadow.Way.CHASE
                        ? say("once.caught", moments.name(shadow.whom()))
                        : say("once.done");
            }

            @Override
            public String hold(Hold hold) {
                return say("once.done");
            }

            @Override
            public String call(Action.Call call) {
                return say("once.done");
            }

            @Override
            public String blow(Action.Blow blow) {
                return say("once.done");
            }

            @Override
            public String playOn(PlayOn play) {
                return say("once.played.out");
            }

            @Override
            public String handle(Action.Handle handle) {
                return say("once.deed." + Wordbook.key(handle.deed()));
            }

            @Override
            public String act(Act act) {
                return words.say("once.body." + Wordbook.key(act.what()), who.names(), who.count(), words.word("ball"));
            }

            @Override
            public String contest(Contest contest) {
                return words.say("once.won", words.word("ball"));
            }
        });
    }

    @Override
    public String whistle(Cue.Whistle whistle) {
        return moments.watched(whistle);
    }

    @Override
    public String called(Cue.Called called) {
        return moments.watched(called);
    }

    @Override
    public String enters(Cue.Enters enters) {
        return moments.watched(enters);
    }

    @Override
    public String crosses(Cue.Crosses crosses) {
        return moments.watched(crosses);
    }

    @Override
    public String near(Cue.Near near) {
        return moments.watched(near);
    }

    @Override
    public String occurrence(Cue.Occurrence occurrence) {
        return moments.counted(occurrence);
    }

    @Override
    public String touches(Cue.Touches touches) {
        return moments.watched(touches);
    }

    @Override
    public String dead(Cue.Dead dead) {
        return moments.watched(dead);
    }

    @Override
    public String allOf(Cue.AllOf all) {
        return moments.several(all, other);
    }

    @Override
    public String firstOf(Cue.FirstOf first) {
        return moments.several(first, other);
    }
}
