/** Whether a drill hangs together: what a file gets wrong, in plain words. Never judges how a drill is played. */
package wildchalk.core.soundness;
