/**
 * Where a stage becomes what people see and hear: rehearsed, drawn and told, in one place for every window, hand-out
 * and command. Never a rule of its own: how people move lives in {@code rehearsal}, what a line looks like in
 * {@code scene}, how it is said in {@code script}.
 */
package wildchalk.core.runthrough;
