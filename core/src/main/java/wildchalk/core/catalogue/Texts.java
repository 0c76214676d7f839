package wildchalk.core.catalogue;

/**
 * The texts of a drill that a search goes through, the weightiest first.
 *
 * @param names what is written on people, stations, notes and rungs
 * @param needs surface, people and gear with their colours, sides as "2v1"
 * @param does what is practised and how, in words of skills and manners
 * @param says the script of every rung, limits and questions included
 * @param points coaching points, questions and cautions
 */
public record Texts(String title, String names, String needs, String does, String says, String points) {}
