/** Documents in PDF with everything on them tagged. Never what stands on them. */
package wildchalk.handout.pdf;
