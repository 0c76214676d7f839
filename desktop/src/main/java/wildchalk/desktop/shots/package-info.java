/** Pictures of the real window, for the documents and for machines without a display. */
package wildchalk.desktop.shots;
