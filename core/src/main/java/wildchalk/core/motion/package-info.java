/**
 * How bodies and balls move: laws, tracks and stretches of them, each asked for a moment. Never why somebody moves:
 * that is the rehearsal's.
 */
package wildchalk.core.motion;
