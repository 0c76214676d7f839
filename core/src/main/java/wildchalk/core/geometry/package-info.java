/**
 * Points, paths and shapes in the plane, in metres: x to the right along the length, y down the page, the origin at the
 * centre of the surface, angles in radians clockwise as seen on the page. Knows nothing of drills or pixels.
 */
package wildchalk.core.geometry;
