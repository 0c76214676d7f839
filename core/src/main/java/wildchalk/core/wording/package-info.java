/** Words out of files, with their plurals and places to fill in. Never knows what they are about. */
package wildchalk.core.wording;
