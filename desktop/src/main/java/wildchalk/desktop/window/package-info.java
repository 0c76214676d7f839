/** The window round the views: the bar at the top, messages, choosing files. Never shows a drill itself. */
package wildchalk.desktop.window;
