package wildchalk.core.call;

import java.util.List;
import java.util.stream.IntStream;

/** How gaps in a row are numbered, by which a number says where on the ground it is. */
public enum Numbering {
    /** One after another, from one end. */
    IN_ORDER {
        @Override
        int place(int number) {
            return number;
        }
    },
    /** From the middle: odd to one side, even to the other. */
    ODD_AND_EVEN {
        @Override
        int place(int number) {
            return number % 2 == 1 ? -(number + 1) / 2 : number / 2;
        }
    };

    /** Where a number is, in places along the row. */
    abstract int place(int number);

    /** The gaps from 1 to a number. */
    public List<Call> calls(int gaps) {
        return IntStream.rangeClosed(1, gaps)
                .mapToObj(n -> new Call(Integer.toString(n), place(n)))
                .toList();
    }
}
