/**
 * Small controls that several pages use and that know no drill's state: fields, badges, buttons with pictures, lists
 * that scroll while something plays. Never a page.
 */
package wildchalk.desktop.control;
