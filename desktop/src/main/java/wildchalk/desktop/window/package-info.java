/** The window round the views: the bar at the top and what is in the middle. Never shows a drill itself. */
package wildchalk.desktop.window;
