/**
 * Paper: a session as sheets for the children, the key, the teacher's script, cards to cut, a page
 * for home. Made as HTML and set as PDF; the same session gives the same bytes.
 */
@NullMarked
package dettato.app.print;

import org.jspecify.annotations.NullMarked;
