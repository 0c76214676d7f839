package wildchalk.desktop.book;

import java.util.concurrent.CompletableFuture;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.layout.StackPane;
import wildchalk.core.drill.Ladder;
import wildchalk.desktop.board.Thumbnail;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.storage.book.Book;

/** Plays the one drill that is pointed at, over its picture. */
final class LivePicture {

    private static final double PAUSE = 0.6;

    private final Keeper keeper;
    private final Thumbnail picture = new Thumbnail(DrillCard.WIDE, DrillCard.PICTURE);
    private int asked;
    private AnimationTimer timer;

    LivePicture(Keeper keeper) {
        this.keeper = keeper;
        picture.setMouseTransparent(true);
    }

    /** Plays a drill as soon as it is worked out. */
    void play(Book.Row row, StackPane over) {
        stop();
        int mine = asked;
        keeper.ask(b -> b.find(row.id()), found -> found.ifPresent(drill -> CompletableFuture
                .supplyAsync(() -> Thumbnail.Ready.of(drill, Ladder.build(drill, drill.ladder().get(0).id())))
                .thenAccept(ready -> Platform.runLater(() -> {
                    if (mine == asked) {
                        begin(ready, over);
                    }
                }))));
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
        if (timer != null) {
            timer.stop();
            timer = null;
        }
        if (picture.getParent() instanceof StackPane over) {
            over.getChildren().remove(picture);
        }
    }
}
