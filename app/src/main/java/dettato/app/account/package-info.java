/** Who may log in, and how. */
@NullMarked
package dettato.app.account;

import org.jspecify.annotations.NullMarked;
