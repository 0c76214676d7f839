package wildchalk.core.squad;

import java.util.List;

/**
 * One of the staff.
 *
 * @param id unique within the squad
 * @param leads what they can lead, in words; may be empty
 */
public record Helper(String id, String name, Duty duty, List<String> leads) {

    /** What somebody of the staff is. */
    public enum Duty {
        COACH,
        ASSISTANT,
        HELPER
    }

    public Helper {
        leads = List.copyOf(leads);
    }
}
