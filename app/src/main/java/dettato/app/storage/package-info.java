/** The database itself: what SQL cannot migrate, and the key of its file. */
@NullMarked
package dettato.app.storage;

import org.jspecify.annotations.NullMarked;
