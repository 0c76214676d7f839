/** The command line: what is asked for, said back in plain lines. Never computes anything itself. */
package wildchalk.launcher;
