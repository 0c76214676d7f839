package wildchalk.handout.paint;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class MarkupTest {

    @Test
    void numbersTakeAsFewSignsAsTheyNeed() {
        assertEquals("12", Markup.number(12.04, 1));
        assertEquals("12.1", Markup.number(12.06, 1));
        assertEquals(".5", Markup.number(0.5, 2));
        assertEquals("-.05", Markup.number(-0.05, 2));
        assertEquals("-3.14", Markup.number(-3.1415, 2));
        assertEquals("0", Markup.number(-0.001, 2));
        assertEquals("1000.205", Markup.number(1000.205, 3));
        assertEquals("7", Markup.number(6.9999, 0));
    }

    @Test
    void textStaysText() {
        assertEquals("&lt;a href=&quot;x&#39;y&quot;&gt; &amp;amp; ]]&gt;", Markup.text("<a href=\"x'y\"> &amp; ]]>"));
        assertEquals("\uFFFDa\uFFFD\n", Markup.text("\u0000a\u0007\n"));
        assertEquals("\uD83C\uDFD0 \u05e9", Markup.text("\uD83C\uDFD0 \u05e9"));
        assertEquals("piece-a_b__c", Markup.id("piece", "a\"b<>c"));
    }
}
