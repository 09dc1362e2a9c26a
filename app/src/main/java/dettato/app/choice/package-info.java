/** What a class may choose, and what each choice changes. */
@NullMarked
package dettato.app.choice;

import org.jspecify.annotations.NullMarked;
