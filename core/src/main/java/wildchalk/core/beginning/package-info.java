/**
 * What a drill can begin with besides an empty surface: people, balls and gear set down in shapes that coaches begin
 * with, to size for the surface and for the people there are. Draws no lines and decides nothing of what they do.
 */
package wildchalk.core.beginning;
