/**
 * What follows from a stage without playing it: what it takes, which end a team attacks, who comes next in a line.
 * Never anything that has to be rehearsed.
 */
package wildchalk.core.drill.implied;
