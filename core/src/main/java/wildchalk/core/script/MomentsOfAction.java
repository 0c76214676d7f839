package wildchalk.core.script;

import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.CueCases;
import wildchalk.core.drill.Travel;
import wildchalk.core.measure.Unit;

/** Words for moments of another action; those of none are what they are by themselves. */
record MomentsOfAction(Moments moments, Words words, Unit unit, Action other, String who) implements CueCases<String> {

    @Override
    public String partway(Cue.Partway p) {
        boolean half = Math.abs(p.share() - 0.5) < 0.005;
        return words.say(half ? "as.halfway" : "as.partway", who, words.share(p.share()));
    }

    @Override
    public String gone(Cue.Gone g) {
        return words.say("as.gone", who, unit.spoken(g.metres()));
    }

    @Override
    public String released(Cue.Released released) {
        return words.say("as.releases", who, words.word("ball"));
    }

    @Override
    public String received(Cue.Received received) {
        return moments.receiver(other)
                .map(r -> words.say("as.receives", words.name(r)))
                .orElseGet(() -> words.say("as.gets.there", words.word("ball")));
    }

    @Override
    public String with(Cue.With with) {
        return other.match(new ActionCases.Families<>() {
            @Override
            public String travel(Travel travel) {
                return words.say("as.sets.off", who);
            }

            @Override
            public String delivery(Action.Delivery delivery) {
                return words.say("as.plays", who);
            }

            @Override
            public String shadow(Action.Shadow shadow) {
                return does();
            }

            @Override
            public String hold(Action.Hold hold) {
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
            public String handle(Action.Handle handle) {
                return does();
            }
        });
    }

    private String does() {
        return words.say("as.does", who, words.verb(other));
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
                return words.say("when.there", who);
            }

            @Override
            public String delivery(Action.Delivery delivery) {
                return words.say("once.gone", who);
            }

            @Override
            public String shadow(Action.Shadow shadow) {
                return shadow.way() == Action.Shadow.Way.CHASE
                        ? words.say("once.caught", who, moments.name(shadow.whom()))
                        : words.say("once.done", who, "");
            }

            @Override
            public String hold(Action.Hold hold) {
                return words.say("once.done", who, "");
            }

            @Override
            public String call(Action.Call call) {
                return words.say("once.done", who, "");
            }

            @Override
            public String blow(Action.Blow blow) {
                return words.say("once.done", who, "");
            }

            @Override
            public String handle(Action.Handle handle) {
                return words.say("once.done", who, "");
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
    public String allOf(Cue.AllOf all) {
        return moments.several(all, other);
    }

    @Override
    public String firstOf(Cue.FirstOf first) {
        return moments.several(first, other);
    }
}
