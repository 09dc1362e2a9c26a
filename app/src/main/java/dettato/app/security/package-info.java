/** Who may call what, with which headers, cookies and limits. */
@NullMarked
package dettato.app.security;

import org.jspecify.annotations.NullMarked;
