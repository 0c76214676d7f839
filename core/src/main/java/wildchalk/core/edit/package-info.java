/**
 * Everything a coach can do to a drill, each a named function from a drill to a drill, and the list of what was done.
 * Never shows anything and never stores anything.
 */
package wildchalk.core.edit;
