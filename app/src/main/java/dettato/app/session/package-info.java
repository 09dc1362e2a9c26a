/** Dictations: what is planned, given and asked. */
@NullMarked
package dettato.app.session;

import org.jspecify.annotations.NullMarked;
