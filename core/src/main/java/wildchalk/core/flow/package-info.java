/**
 * Many reps of one drill, played one after another with people moving on: who is in which role when, and what everybody
 * does meanwhile. Begin with {@link wildchalk.core.flow.Flows}. Never a second model of how people move: that is read
 * off rehearsals.
 */
package wildchalk.core.flow;
