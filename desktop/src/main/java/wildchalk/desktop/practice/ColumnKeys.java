package wildchalk.desktop.practice;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.PracticeEdits;

/** What the keys do to the column of time. */
final class ColumnKeys {

    private final PracticeState state;
    private final TimeColumn column;

    ColumnKeys(PracticeState state, TimeColumn column) {
        this.state = state;
        this.column = column;
    }

    void press(KeyEvent e) {
        if (e.isShortcutDown()) {
            return;
        }
        boolean taken = arrows(e) || state.chosen().filter(b -> chosen(e, b)).isPresent() || always(e.getCode());
        if (taken) {
            e.consume();
        }
    }

    private boolean arrows(KeyEvent e) {
        int by =
                switch (e.getCode()) {
                    case UP -> -1;
                    case DOWN -> 1;
                    default -> 0;
                };
        if (by == 0) {
            return false;
        }
        Optional<Block> block = state.chosen();
        if (block.isPresent() && e.isAltDown()) {
            move(block.get(), by);
        } else if (block.isPresent() && e.isShiftDown()) {
            state.apply(PracticeEdits.last(block.get(), block.get().time().now() + by));
        } else {
            step(by);
        }
        return true;
    }

    /** Up and down go to the block before and after, those that are side by side one after another. */
    private void step(int by) {
        List<String> ids = state.practice().blocks().stream()
                .flatMap(Block::all)
                .map(Block::id)
                .toList();
        if (ids.isEmpty()) {
            return;
        }
        int now = state.chosen().map(b -> ids.indexOf(b.id())).orElse(by > 0 ? -1 : ids.size());
        String next = ids.get(Math.max(0, Math.min(ids.size() - 1, now + by)));
        state.choose(Optional.of(next));
        column.reveal(next);
    }

    private void move(Block block, int by) {
        int at = state.practice().place(block.id());
        int to = by < 0 ? at - 1 : at + 2;
        if (to >= 0 && to <= state.practice().blocks().size()) {
            state.apply(PracticeEdits.move(block, to));
            column.reveal(block.id());
        }
    }

    private boolean chosen(KeyEvent e, Block block) {
        int at = state.practice().place(block.id());
        switch (e.getCode()) {
            case DELETE, BACK_SPACE -> {
                state.apply(PracticeEdits.remove(block));
                nextTo(at);
            }
            case PLUS, ADD, EQUALS -> state.apply(
                    PracticeEdits.last(block, block.time().now() + 1));
            case MINUS, SUBTRACT -> state.apply(
                    PracticeEdits.last(block, block.time().now() - 1));
            case M -> state.apply(PracticeEdits.having(block, !block.must()));
            case D -> state.apply(PracticeEdits.again(block));
            case B -> beside(block, at);
            case ENTER -> {
                state.show(PracticeState.Side.FOUND);
                Optional.ofNullable(column.getScene().lookup("#block-card-first"))
                        .ifPresent(Node::requestFocus);
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private void nextTo(int place) {
        List<Block> left = state.practice().blocks();
        if (!left.isEmpty()) {
            state.choose(Optional.of(left.get(Math.min(place, left.size() - 1)).id()));
        }
    }

    /** Beside the one after it, or one after another again. */
    private void beside(Block block, int at) {
        Block whole = state.practice().blocks().get(at);
        if (whole.parts().size() > 1) {
            state.apply(PracticeEdits.apart(whole));
        } else if (at + 1 < state.practice().blocks().size()) {
            state.apply(PracticeEdits.beside(state.practice().blocks().get(at + 1), block));
        }
    }

    private boolean always(KeyCode code) {
        Optional<Bin.Plain> plain = Optional.ofNullable(
                switch (code) {
                    case W -> Bin.Plain.WATER;
                    case G -> Bin.Plain.GAME;
                    case T -> Bin.Plain.TALK;
                    case O -> Bin.Plain.SETTING_OUT;
                    case X -> Bin.Plain.WORDS;
                    default -> null;
                });
        plain.ifPresent(p -> column.putIn(p.block()));
        if (code == KeyCode.F) {
            state.showFit(PracticeState.Asking.WHOLE);
            return true;
        }
        return plain.isPresent();
    }
}
