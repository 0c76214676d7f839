/**
 * Courts, fields and rinks: true size, markings, landmarks, targets, views and the words of the sport, each read from
 * one data file. Never holds people or drills, and never paints.
 */
package wildchalk.core.surface;
