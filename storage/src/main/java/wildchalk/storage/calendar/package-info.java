/** Evenings for a calendar. Never: what is in them beyond when, where and what is written under them. */
package wildchalk.storage.calendar;
