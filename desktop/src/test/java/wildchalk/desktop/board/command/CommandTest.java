package wildchalk.desktop.board.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.Test;
import wildchalk.desktop.board.command.Command.Help;

class CommandTest {

    private static Command command(Scope scope, String help, Key... keys) {
        return new Command("", List.of(keys), scope, help, () -> {});
    }

    private static KeyEvent pressed(KeyCode code, String text, boolean shift, boolean ctrl) {
        return new KeyEvent(KeyEvent.KEY_PRESSED, text, text, code, shift, ctrl, false, false);
    }

    @Test
    void keysThatDoAlikeShareALineOfTheHelpCard() {
        List<Command> commands = List.of(
                command(Scope.ALWAYS, "a beat back or on", Key.of(",", KeyCode.COMMA), Key.of("", KeyCode.PAGE_UP)),
                command(Scope.CHOSEN, "turn it", Key.of("[", KeyCode.OPEN_BRACKET)),
                command(Scope.ALWAYS, "a beat back or on", Key.of(".", KeyCode.PERIOD)),
                command(Scope.ALWAYS, "", Key.of("Esc", KeyCode.ESCAPE)));
        assertEquals(
                List.of(new Help(Scope.ALWAYS, ", .", "a beat back or on"), new Help(Scope.CHOSEN, "[", "turn it")),
                Command.help(commands));
    }

    @Test
    void manyKeysAreToldByTheFirstAndTheLastTwo() {
        List<Command> ledge = Stream.concat(IntStream.rangeClosed(1, 9).mapToObj(Integer::toString), Stream.of("N"))
                .map(k -> command(Scope.ALWAYS, "take something", Key.typing(k)))
                .toList();
        assertEquals(List.of(new Help(Scope.ALWAYS, "1 … 9 N", "take something")), Command.help(ledge));
    }

    @Test
    void aKeyIsKnownByItsPlaceOrByWhatItTypes() {
        assertTrue(Key.typing("n").matches(pressed(KeyCode.N, "N", true, false)));
        assertTrue(Key.of("-", KeyCode.MINUS, KeyCode.SUBTRACT).matches(pressed(KeyCode.SUBTRACT, "-", false, false)));
        assertFalse(
                Key.of("L", KeyCode.L).matches(pressed(KeyCode.L, "l", false, true)), "with Ctrl it is another key");
        assertTrue(Key.ctrl(KeyCode.Z).withShift(false).matches(pressed(KeyCode.Z, "z", false, true)));
        assertFalse(Key.ctrl(KeyCode.Z).withShift(false).matches(pressed(KeyCode.Z, "z", true, true)));
    }
}
