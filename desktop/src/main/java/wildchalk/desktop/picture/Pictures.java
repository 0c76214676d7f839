package wildchalk.desktop.picture;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.image.Image;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

/**
 * Small pictures of drills, drawn beside the window's thread and remembered. The one that was asked for last is drawn
 * first: it is the one that is looked at. To be used on the window's thread.
 */
public final class Pictures {

    private static final int REMEMBERED = 240;
    /** Asked for longer ago than so many others, a card has left the screen. */
    private static final int WAITING = 48;

    private final Keeper keeper;
    private final double width;
    private final double height;
    private final double scale;
    private final ExecutorService painter = Executors.newSingleThreadExecutor(r -> {
        Thread thread = new Thread(r, "pictures");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });
    private final Map<String, Image> drawn = new LinkedHashMap<>(REMEMBERED, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Image> eldest) {
            return size() > REMEMBERED;
        }
    };
    private final Deque<Wanted> wanted = new ArrayDeque<>();
    private boolean busy;

    private record Wanted(String key, String id, Optional<Drill> drill, Consumer<Image> then) {}

    /** @param scale pixels of the screen for each of the window's */
    public Pictures(Keeper keeper, double width, double height, double scale) {
        this.keeper = keeper;
        this.width = width;
        this.height = height;
        this.scale = scale;
    }

    /**
     * The picture of a drill in the state it was changed to at a time: at once when it is remembered, else as soon as
     * it is drawn.
     *
     * @param then told the picture; not at all when many others are asked for before it is drawn
     */
    public Optional<Image> of(String id, long changed, Consumer<Image> then) {
        return of(new Wanted(id + " " + changed, id, Optional.empty(), then));
    }

    /**
     * The picture of a drill as it is given: at once when it is remembered, else as soon as it is drawn.
     *
     * @param key by which it is remembered; another for another drill
     * @param then told the picture; not at all when many others are asked for before it is drawn
     */
    public Optional<Image> of(String key, Drill drill, Consumer<Image> then) {
        return of(new Wanted(key, drill.id(), Optional.of(drill), then));
    }

    private Optional<Image> of(Wanted wish) {
        Image known = drawn.get(wish.key());
        if (known == null) {
            wanted.addFirst(wish);
            while (wanted.size() > WAITING) {
                wanted.removeLast();
            }
            next();
        }
        return Optional.ofNullable(known);
    }

    private void next() {
        Wanted first = wanted.pollFirst();
        if (busy || first == null) {
            if (first != null) {
                wanted.addFirst(first);
            }
            return;
        }
        if (drawn.containsKey(first.key())) {
            first.then().accept(drawn.get(first.key()));
            next();
            return;
        }
        busy = true;
        if (first.drill().isPresent()) {
            paint(first, first::drill);
            return;
        }
        keeper.ask(
                b -> b.drills().text(first.id()),
                text -> paint(first, () -> text.flatMap(this::read)),
                () -> done(first, Optional.empty()));
    }

    /** One that cannot be drawn has no picture; the next ones do. */
    private void paint(Wanted wish, Supplier<Optional<Drill>> drill) {
        if (!painter.isShutdown()) {
            Background.work(
                    "drawing a small picture",
                    painter,
                    () -> drill.get().map(this::draw),
                    image -> done(wish, image),
                    trouble -> done(wish, Optional.empty()));
        }
    }

    private void done(Wanted wish, Optional<Image> image) {
        busy = false;
        image.ifPresent(i -> {
            drawn.put(wish.key(), i);
            wish.then().accept(i);
        });
        next();
    }

    /** One that cannot be read has no picture; opening it says why. */
    private Optional<Drill> read(String text) {
        try {
            return Optional.of(DrillReader.told(text, keeper.surfaces()).document());
        } catch (FormatException e) {
            return Optional.empty();
        }
    }

    private Image draw(Drill drill) {
        return SmallPicture.of(drill, width * scale, height * scale);
    }

    /** Draws nothing any more. */
    public void close() {
        wanted.clear();
        painter.shutdownNow();
    }
}
