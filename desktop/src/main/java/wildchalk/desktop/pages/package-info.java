/**
 * Which pages the window has, in one list, and each as the window sees it. Never how one looks: that lives in the
 * page's own room.
 */
package wildchalk.desktop.pages;
