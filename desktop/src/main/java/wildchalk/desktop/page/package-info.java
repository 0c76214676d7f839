/** What pages have in common that lie in the window for a while, in place of Book or Board. Never knows what they are about. */
package wildchalk.desktop.page;
