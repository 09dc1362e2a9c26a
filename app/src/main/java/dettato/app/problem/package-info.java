/** What goes wrong, told as problem documents (RFC 9457). Knows no feature. */
@NullMarked
package dettato.app.problem;

import org.jspecify.annotations.NullMarked;
