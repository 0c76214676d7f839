/**
 * The Log: what was done and what it adds up to, drawn and as tables; questions in words; each evening on a card on
 * which it is corrected. Never the sums themselves, and how it is kept.
 */
package wildchalk.desktop.log;
