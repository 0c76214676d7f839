/**
 * What is found in a drill or an evening: what, where, when, who, how weighty, and what would mend it. Never what looks
 * for it: that lives beside what is looked at.
 */
package wildchalk.core.check;
