/**
 * Where what is on at one time stands on the ground of an evening, what reaches into what there, and how it could stand
 * apart. Never: what people do in a rep, and files.
 */
package wildchalk.core.practice.ground;
