/**
 * What went wrong: a file in the program's own folder that says where and how, for whoever mends the program, and the
 * page that shows it. Never holds names of people, texts of drills or places of files.
 */
package wildchalk.desktop.trouble;
