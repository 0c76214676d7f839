/**
 * Lists of people as others write them: tables of names taken in, whatever their columns, and written so that nothing
 * in them can do harm elsewhere. Never the open format of a squad, which lives with the other formats.
 */
package wildchalk.storage.people;
