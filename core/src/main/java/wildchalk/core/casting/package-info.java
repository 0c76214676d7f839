/**
 * Who plays whom: people of a squad in the roles of a drill, while that is looked at. Never a name in a drill that is
 * kept.
 */
package wildchalk.core.casting;
