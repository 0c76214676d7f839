package wildchalk.core.script;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

/**
 * What gear is called so that nobody takes one piece for another that looks the same.
 *
 * @param turned whether it is told to who goes the other way than the surface is named for
 */
record GearNames(Stage stage, Words words, boolean turned) {

    /** Without an article: "far yellow cone". */
    String name(Piece.Gear gear) {
        return name(gear, Optional.empty());
    }

    /** The same for somebody who goes there from a place. */
    String name(Piece.Gear gear, Vec from) {
        return name(gear, Optional.of(from));
    }

    private String name(Piece.Gear gear, Optional<Vec> from) {
        List<Piece.Item> alike = alike(gear);
        int at = alike.indexOf(gear);
        return which(at < 0 ? List.of() : alike.stream().map(Piece::at).toList(), at, from, words.name(gear));
    }

    /** A name with which of several it is, where that can be told. */
    String which(List<Vec> all, int at, Optional<Vec> from, String name) {
        return new Which(turned)
                .of(all, at, from)
                .map(w -> words.say("gear.which", words.say("which." + w), name))
                .orElse(name);
    }

    private List<Piece.Item> alike(Piece.Gear gear) {
        if (!(gear instanceof Piece.Item item) || !item.label().isBlank()) {
            return List.of();
        }
        return stage.pieces().stream()
                .filter(Piece.Item.class::isInstance)
                .map(Piece.Item.class::cast)
                .filter(i -> i.kind() == item.kind()
                        && i.label().isBlank()
                        && (!i.kind().isColoured() || i.colour() == item.colour())
                        && stage.inHand(i.id()).isEmpty())
                .toList();
    }
}
