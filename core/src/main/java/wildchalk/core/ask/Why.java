package wildchalk.core.ask;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Force;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.effort.Effort;
import wildchalk.core.effort.Figure;
import wildchalk.core.measure.Ruler;
import wildchalk.core.motion.FigureTable;
import wildchalk.core.naming.FigureWords;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Timeline;
import wildchalk.core.wording.Wordbook;

/** Which figures made the time of an action, and whose they are. */
public final class Why {

    private static final Wordbook LIVE = Wordbook.beside(Why.class, "Live");

    /** Whose a figure is. */
    public enum Source {
        /** The usual one, assumed as typical of those who practise. */
        USUAL,
        /** The drill has its own. */
        DRILL,
        /** The person has their own. */
        PERSON
    }

    /**
     * One figure that had a say.
     *
     * @param value in the measure of the figure
     */
    public record Part(Figure figure, double value, Source source) {

        /** "top speed of a sprint 8.0 m/s (typical, assumed)" */
        public String words() {
            String whose =
                    switch (source) {
                        case USUAL -> "typical, assumed";
                        case DRILL -> "of this drill";
                        case PERSON -> "of this person";
                    };
            return FigureWords.of(figure) + " " + FigureWords.value(figure, value) + " (" + whose + ")";
        }
    }

    /**
     * What made the time of an action.
     *
     * @param happened what was measured, in order: when it was set off, how far it went, when it was over
     * @param parts the figures behind that
     */
    public record Account(List<String> happened, List<Part> parts) {
        public Account {
            happened = List.copyOf(happened);
            parts = List.copyOf(parts);
        }
    }

    private final Action action;
    private final Stage stage;
    private final Timeline timeline;
    private final Map<Figure, Double> all;

    private Why(Action action, Stage stage, Timeline timeline, Surface surface) {
        this.action = action;
        this.stage = stage;
        this.timeline = timeline;
        this.all = FigureTable.of(surface, stage.effort());
    }

    /** Why an action takes as long as it does; empty for one that never happens. */
    public static Optional<Account> of(Action action, Stage stage, Timeline timeline, Surface surface) {
        return timeline.times(action.id()).map(t -> new Why(action, stage, timeline, surface).account(t));
    }

    private Account account(ActionTimes t) {
        List<String> happened = new ArrayList<>();
        List<Part> parts = new ArrayList<>();
        double waited = t.start() - t.cued();
        if (waited > 0.001) {
            boolean told = action.cue().delay() >= waited - 0.001;
            happened.add("set off at " + seconds(t.cued()) + ", begun " + seconds(waited) + " later"
                    + (told ? ", as it is told to wait" : " to react"));
            if (!told) {
                reaction(waited).ifPresent(parts::add);
            }
        } else {
            happened.add("set off and begun at " + seconds(t.start()));
        }
        double metres = Ruler.length(timeline.line(action.id()));
        action.match(said(t, metres, happened));
        List<Figure> figures = new ArrayList<>(action.match(FIGURES));
        if (t.release() - t.start() < 0.001) {
            // Who has had the ball for long needs no time to control it.
            figures.removeAll(List.of(Figure.CONTROL, Figure.CATCH_AND_SHOOT));
        } else if (action instanceof Action.Shot
                && Math.abs(t.release() - t.start() - all.get(Figure.GATHER)) < 0.001) {
            figures.set(0, Figure.GATHER);
        }
        figures.addAll(ofCorners());
        figures.forEach(f -> parts.add(part(f)));
        return new Account(happened, parts);
    }

    /** The figure that a reaction was made of: the one that is as long. */
    private Optional<Part> reaction(double waited) {
        return List.of(Figure.REACTION_HEARD, Figure.REACTION_SEEN, Figure.REACTION_READY).stream()
                .map(this::part)
                .filter(p -> Math.abs(p.value() - waited) < 0.001)
                .findFirst();
    }

    private List<Figure> ofCorners() {
        if (!(action instanceof Travel t) || t.path().through().size() < 2) {
            return List.of();
        }
        return switch (t.going().corner()) {
            case CUT -> List.of(Figure.GRIP, Figure.PLANT, Figure.PUSH, Figure.WITHIN);
            case TIGHT_TURN -> List.of(Figure.GRIP, Figure.TIGHT_TURN, Figure.WITHIN);
            case SPIN -> List.of(Figure.GRIP, Figure.PLANT, Figure.PUSH, Figure.SPIN, Figure.WITHIN);
        };
    }

    private Part part(Figure figure) {
        Effort effort = stage.effort();
        Double theirs =
                effort.own().people().getOrDefault(action.who(), Map.of()).get(figure);
        if (theirs != null) {
            return new Part(figure, theirs, Source.PERSON);
        }
        Source source = effort.own().all().containsKey(figure) ? Source.DRILL : Source.USUAL;
        return new Part(figure, all.get(figure), source);
    }

    private ActionCases.Families<Void> said(ActionTimes t, double metres, List<String> happened) {
        return new ActionCases.Families<>() {
            @Override
            public Void travel(Travel travel) {
                happened.add(metres(metres) + " in " + seconds(t.end() - t.start()) + ", "
                        + speed(metres / Math.max(1e-9, t.end() - t.start())) + " on the whole");
                return null;
            }

            @Override
            public Void delivery(Action.Delivery delivery) {
                if (!Double.isNaN(t.release())) {
                    happened.add("the ball leaves " + seconds(t.release() - t.start()) + " after that");
                }
                if (!Double.isNaN(t.arrival())) {
                    double flight = t.arrival() - t.release();
                    happened.add(metres(metres) + " in " + seconds(flight) + ", "
                            + speed(metres / Math.max(1e-9, flight)) + " on the whole");
                }
                return null;
            }

            @Override
            public Void shadow(Shadow shadow) {
                happened.add("goes with " + name(shadow.whom()) + " for " + seconds(t.end() - t.start()));
                return null;
            }

            private Void takes() {
                happened.add(LIVE.say("takes", seconds(t.end() - t.start())));
                return null;
            }

            @Override
            public Void hold(Hold hold) {
                return takes();
            }

            @Override
            public Void call(Action.Call call) {
                return null;
            }

            @Override
            public Void blow(Action.Blow blow) {
                return null;
            }

            @Override
            public Void playOn(PlayOn play) {
                happened.add(LIVE.say(play.until().seconds().isPresent() ? "clock" : "assumed", seconds(play.lasts())));
                return null;
            }

            @Override
            public Void handle(Action.Handle handle) {
                return takes();
            }

            @Override
            public Void act(Act act) {
                return takes();
            }

            @Override
            public Void contest(Contest contest) {
                happened.add(LIVE.say("won", seconds(t.release() - t.start())));
                return null;
            }
        };
    }

    /** Which figures have a say in what. */
    private static final ActionCases.Families<List<Figure>> FIGURES = new ActionCases.Families<>() {
        @Override
        public List<Figure> travel(Travel travel) {
            List<Figure> figures =
                    new ArrayList<>(List.of(Figure.valueOf(travel.gait().name()), Figure.SETTLE));
            if (travel instanceof Travel.Carry) {
                figures.add(Figure.WITH_BALL);
            }
            figures.add(Figure.BRAKE);
            if (travel.going().pivot() != Going.Pivot.NONE) {
                figures.add(Figure.TURNING);
            }
            if (travel.ending() == Action.Ending.TOUCH) {
                figures.add(Figure.TOUCHING);
            } else if (travel.ending() == Action.Ending.JUMP_STOP) {
                figures.add(Figure.LANDING);
            }
            return figures;
        }

        @Override
        public List<Figure> delivery(Action.Delivery delivery) {
            boolean shot = delivery instanceof Action.Shot;
            List<Figure> figures = new ArrayList<>();
            if (delivery.touch() == Action.Touch.CONTROLLED) {
                figures.add(shot ? Figure.CATCH_AND_SHOOT : Figure.CONTROL);
            }
            if (shot) {
                figures.addAll(List.of(Figure.SHOT, Figure.SHOT_SLOWING));
            } else if (!(delivery instanceof Action.Pass p && p.manner() == Action.Manner.LOB)) {
                // A lob hangs as long as its angle asks for, whoever plays it.
                figures.addAll(List.of(
                        Figure.PASS_NEAR,
                        Figure.PASS_PER_METRE,
                        Figure.PASS_MOST,
                        Figure.PASS_SLOWING,
                        Figure.PASS_ARRIVES));
            }
            if (delivery instanceof Action.Pass p && p.force() != Force.USUAL) {
                figures.add(p.force() == Force.HARD ? Figure.HARD : Figure.SOFT);
            }
            figures.add(Figure.FOLLOW_THROUGH);
            return figures;
        }

        @Override
        public List<Figure> shadow(Shadow shadow) {
            return List.of(Figure.valueOf(shadow.gait().name()), Figure.SETTLE, Figure.BRAKE);
        }

        @Override
        public List<Figure> hold(Hold hold) {
            return hold.facing().isPresent() || hold.turn() == Hold.Turn.SPIN ? List.of(Figure.TURNING) : List.of();
        }

        @Override
        public List<Figure> call(Action.Call call) {
            return List.of();
        }

        @Override
        public List<Figure> blow(Action.Blow blow) {
            return List.of();
        }

        @Override
        public List<Figure> playOn(PlayOn play) {
            return List.of();
        }

        @Override
        public List<Figure> handle(Action.Handle handle) {
            return handle.deed() == Action.Handle.Deed.DROP ? List.of() : List.of(Figure.PLACING);
        }

        @Override
        public List<Figure> act(Act act) {
            return List.of();
        }

        @Override
        public List<Figure> contest(Contest contest) {
            return List.of(Figure.FOLLOW_THROUGH);
        }
    };

    private String name(String who) {
        return stage.person(who)
                .map(Piece.Person::label)
                .filter(l -> !l.isBlank())
                .orElse("somebody");
    }

    private static String seconds(double value) {
        return String.format(Locale.ROOT, "%.2f s", value);
    }

    private static String metres(double value) {
        return String.format(Locale.ROOT, "%.1f m", value);
    }

    private static String speed(double value) {
        return String.format(Locale.ROOT, "%.1f m/s", value);
    }
}
