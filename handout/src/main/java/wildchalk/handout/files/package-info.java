/** Hand-outs that another copy of the program opens: drill files and bundles. Never reads one. */
package wildchalk.handout.files;
