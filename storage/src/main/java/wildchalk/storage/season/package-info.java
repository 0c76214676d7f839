/**
 * What the log adds up to as files for other programs: tables and data. Never read back, and never what was noted about
 * anybody.
 */
package wildchalk.storage.season;
