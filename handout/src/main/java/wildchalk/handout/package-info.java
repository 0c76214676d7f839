/** Every kind of hand-out there is. Never makes one itself. */
package wildchalk.handout;
