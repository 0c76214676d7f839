package wildchalk.handout.card;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Slices find their places: nothing over anything, nothing beyond the page, nobody alone at the foot. */
class LayoutTest {

    private static final Layout.Sheet SHEET = new Layout.Sheet(36, 36, 520, 700, 2, 20);

    private static Slice slice(double height, boolean stays) {
        return new Slice(height, stays, (pdf, x, y) -> {});
    }

    @Test
    void columnsAreFilledOneAfterAnother() {
        Layout layout = Layout.of(List.of(slice(100, false)), Collections.nCopies(6, slice(250, false)), SHEET);
        assertEquals(2, layout.pages());
        List<Layout.Placed> placed = layout.placed();
        assertEquals(36, placed.get(0).y());
        assertEquals(136, placed.get(1).y(), "columns begin under the head");
        assertEquals(386, placed.get(2).y());
        assertEquals(36 + 250 + 20, placed.get(3).x(), "two to a column");
        assertEquals(136, placed.get(3).y());
        assertEquals(1, placed.get(5).page());
        assertEquals(36, placed.get(5).y(), "the next page has no head");
    }

    @Test
    void aHeadingGoesWithWhatItIsAbout() {
        Layout layout = Layout.of(List.of(), List.of(slice(640, false), slice(30, true), slice(100, false)), SHEET);
        assertEquals(layout.placed().get(2).x(), layout.placed().get(1).x());
        assertTrue(layout.placed().get(1).x() > 36, "not alone at the foot of the first column");
    }

    @Test
    void whatFitsNowhereStillHasAPlace() {
        Layout layout = Layout.of(List.of(), List.of(slice(50, false), slice(2000, false), slice(50, false)), SHEET);
        assertEquals(3, layout.placed().size());
        assertEquals(36, layout.placed().get(1).y());
    }

    @Test
    void nothingLiesOverAnythingElse() {
        Random random = new Random(7);
        for (int n = 0; n < 200; n++) {
            List<Slice> body = new ArrayList<>();
            for (int i = 0; i < 30; i++) {
                body.add(slice(10 + random.nextInt(200), random.nextInt(4) == 0));
            }
            List<Layout.Placed> placed = Layout.of(List.of(slice(random.nextInt(300), false)), body, SHEET)
                    .placed();
            for (int i = 1; i + 1 < placed.size(); i++) {
                Layout.Placed here = placed.get(i);
                Layout.Placed next = placed.get(i + 1);
                boolean below = next.page() == here.page()
                        && next.x() == here.x()
                        && next.y() >= here.y() + here.slice().height() - 1e-9;
                boolean beside = next.page() == here.page() && next.x() > here.x() || next.page() > here.page();
                assertTrue(below || beside, here + " then " + next);
                assertTrue(here.y() + here.slice().height() <= SHEET.top() + SHEET.height() + 1e-9, here.toString());
            }
        }
    }

    @Test
    void whatIsOnTheLastPageStandsInEvenColumns() {
        Layout layout = Layout.of(List.of(slice(100, false)), Collections.nCopies(11, slice(100, false)), SHEET);
        assertEquals(1, layout.pages());
        long left = layout.placed().stream().filter(p -> p.x() < 100).count() - 1;
        assertEquals(6, left, "six in one column, five in the other");
        assertEquals(700.0 / 700, layout.lastFilled(SHEET), 1e-9);
        Layout two = Layout.of(List.of(), Collections.nCopies(18, slice(100, false)), SHEET);
        assertEquals(2, two.pages());
        assertEquals(
                2,
                two.placed().stream().filter(p -> p.page() == 1 && p.x() < 100).count());
        assertEquals(200.0 / 700, two.lastFilled(SHEET), 1e-9);
    }
}
