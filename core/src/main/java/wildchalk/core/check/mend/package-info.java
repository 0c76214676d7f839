/** What may mend a finding: edits with the words of a button. Never whether they do: that is tried. */
package wildchalk.core.check.mend;
