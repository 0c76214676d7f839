package wildchalk.desktop;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.collections.ListChangeListener;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.Window;
import org.testfx.api.FxRobot;
import org.testfx.robot.Motion;
import org.testfx.service.query.PointQuery;
import org.testfx.util.WaitForAsyncUtils;

/**
 * A mouse that goes straight where it is sent, in two moves, and waits until a window has heard of it. The usual one
 * goes dot by dot and waits a twentieth of a second at each, which was two thirds of the time that window tests took.
 */
final class SwiftRobot extends FxRobot {

    /** Where there is no window nobody hears of a move; longer than this it is not waited for, milliseconds. */
    private static final int LONGEST = 400;

    private static final int FOLLOWED = 10;
    private static final int LOOK = 60;
    private static final Point2D NOWHERE = new Point2D(-1, -1);

    private static volatile Point2D heard = NOWHERE;

    /** How many keys and buttons were let go, in whichever window. */
    private static final AtomicInteger RELEASED = new AtomicInteger();

    static {
        Window.getWindows().addListener((ListChangeListener<Window>) c -> {
            while (c.next()) {
                c.getAddedSubList().forEach(SwiftRobot::listen);
            }
        });
    }

    private static void listen(Window window) {
        window.addEventFilter(MouseEvent.ANY, e -> heard = new Point2D(e.getScreenX(), e.getScreenY()));
        window.addEventFilter(MouseEvent.MOUSE_RELEASED, e -> RELEASED.incrementAndGet());
        window.addEventFilter(KeyEvent.KEY_RELEASED, e -> RELEASED.incrementAndGet());
    }

    /** How many keys and buttons were let go so far. */
    static int released() {
        return RELEASED.get();
    }

    /** Where the target moves meanwhile, as something does that is laid out just now, it is followed. */
    @Override
    public FxRobot moveTo(PointQuery to, Motion motion) {
        Point2D there = to.query();
        go(there);
        for (int i = 0; i < FOLLOWED; i++) {
            // Whoever is about to press something looks first whether it stays where it is.
            boolean free = robotContext().getMouseRobot().getPressedButtons().isEmpty();
            WaitForAsyncUtils.sleep(free ? LOOK : 0, TimeUnit.MILLISECONDS);
            WaitForAsyncUtils.waitForFxEvents();
            Point2D now = to.query();
            if (now.distance(there) <= 1) {
                break;
            }
            there = now;
            step(there);
        }
        return this;
    }

    @Override
    public FxRobot moveBy(double x, double y, Motion motion) {
        go(robotContext().getBaseRobot().retrieveMouse().add(x, y));
        return this;
    }

    @Override
    public FxRobot clickOn(PointQuery on, Motion motion, MouseButton... buttons) {
        moveTo(on, motion);
        robotContext().getMouseRobot().press(buttons.length == 0 ? new MouseButton[] {MouseButton.PRIMARY} : buttons);
        robotContext().getMouseRobot().release(buttons.length == 0 ? new MouseButton[] {MouseButton.PRIMARY} : buttons);
        return this;
    }

    /** Half way first: a drag is more than a beginning and an end. */
    private void go(Point2D to) {
        Point2D from = robotContext().getBaseRobot().retrieveMouse();
        if (from.distance(to) > 2) {
            step(from.midpoint(to));
        }
        step(to);
    }

    private void step(Point2D to) {
        Point2D from = robotContext().getBaseRobot().retrieveMouse();
        robotContext().getBaseRobot().moveMouse(to);
        Point2D there = new Point2D(Math.floor(to.getX()), Math.floor(to.getY()));
        boolean moves = from.distance(there) >= 1;
        for (int waited = 0; moves && waited < LONGEST && heard.distance(there) > 1.5; waited += 4) {
            WaitForAsyncUtils.sleep(4, TimeUnit.MILLISECONDS);
        }
        WaitForAsyncUtils.waitForFxEvents(1);
    }
}
