/** What is called next, and whether it was fair. Pure: chance comes from a seed. Never how it is shown or spoken. */
package wildchalk.core.pitchside.call;
