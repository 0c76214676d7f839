package wildchalk.core.grouping;

import java.util.List;

/** A wish as it is said among others. */
record WishWords(GroupWords words) implements WishCases<String> {

    private static final String VOWELS = "aeiou";

    @Override
    public String together(Wish.Together wish) {
        return GroupWords.say("together", words.names(wish.people()));
    }

    @Override
    public String apart(Wish.Apart wish) {
        return GroupWords.say("apart", words.names(wish.people()));
    }

    @Override
    public String pinned(Wish.Pinned wish) {
        return GroupWords.say("pinned", words.names(List.of(wish.person())), words.group(wish.group()));
    }

    @Override
    public String inEach(Wish.InEach wish) {
        boolean an = !wish.position().isEmpty()
                && VOWELS.indexOf(Character.toLowerCase(wish.position().charAt(0))) >= 0;
        return GroupWords.say(an ? "in-each.an" : "in-each", wish.position());
    }

    @Override
    public String bothSides(Wish.BothSides wish) {
        return GroupWords.say("both-sides");
    }

    @Override
    public String lateLast(Wish.LateLast wish) {
        return GroupWords.say("late-last");
    }

    @Override
    public String easyTogether(Wish.EasyTogether wish) {
        return GroupWords.say("easy-together");
    }
}
