/** The colours of teams and gear, and what tells them apart where there is no colour. Never how they are painted. */
package wildchalk.core.colour;
