/** What is looked for in a practice: one small class each, in one list. Never how it is shown. */
package wildchalk.core.practice.check;
