package wildchalk.desktop.book;

import javafx.animation.AnimationTimer;
import javafx.animation.PauseTransition;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;
import wildchalk.core.drill.Ladder;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.board.canvas.Thumbnail;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.storage.book.Book;

/** Plays the one drill that is pointed at, over its picture. */
final class LivePicture {

    private static final double PAUSE = 0.6;
    /** Cards that only pass under the pointer while the Book is turned over do not play. */
    private static final Duration POINTED = Duration.millis(350);

    private final Keeper keeper;
    private final Thumbnail picture = new Thumbnail(DrillCard.WIDE, DrillCard.PICTURE);
    private final PauseTransition pointed = new PauseTransition(POINTED);
    private int asked;
    private AnimationTimer timer;

    LivePicture(Keeper keeper) {
        this.keeper = keeper;
        picture.setMouseTransparent(true);
    }

    /** Plays a drill when it has been pointed at for a moment, as soon as it is worked out. */
    void play(Book.Row row, StackPane over) {
        stop();
        pointed.setOnFinished(e -> workOut(row, over));
        pointed.playFromStart();
    }

    private void workOut(Book.Row row, StackPane over) {
        int mine = asked;
        keeper.ask(
                b -> b.drills().find(row.id()),
                found -> found.ifPresent(drill -> Background.work(
                        "working a small picture out that plays",
                        () -> Thumbnail.Ready.of(
                                drill, Ladder.build(drill, drill.ladder().get(0).id())),
                        ready -> {
                            if (mine == asked) {
                                begin(ready, over);
                            }
                        },
                        trouble -> {
                            // The picture that stands still is there; opening the drill says what is wrong with it.
                        })));
    }

    private void begin(Thumbnail.Ready ready, StackPane over) {
        picture.show(ready);
        over.getChildren().add(picture);
        timer = new AnimationTimer() {
            private long begun;

            @Override
            public void handle(long now) {
                begun = begun == 0 ? now : begun;
                picture.paint((now - begun) / 1e9 % (picture.duration() + PAUSE));
            }
        };
        timer.start();
    }

    void stop() {
        asked++;
        pointed.stop();
        if (timer != null) {
            timer.stop();
            timer = null;
        }
        if (picture.getParent() instanceof StackPane over) {
            over.getChildren().remove(picture);
        }
    }
}
