/** Small pictures of drills that stand still, for whatever page shows drills. Never the Board itself. */
package wildchalk.desktop.picture;
