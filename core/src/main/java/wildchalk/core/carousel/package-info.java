/**
 * Groups that go round places: who is where in which turn, with the least walking. Pure; never who the groups are, what
 * is done at a place, or when.
 */
package wildchalk.core.carousel;
