/** Pictures of surfaces without a drill: one, or many on a contact sheet. Never holds people. */
package wildchalk.handout.surfaces;
