/** Templates: ours, and those that teachers of the school have made. */
@NullMarked
package dettato.app.template;

import org.jspecify.annotations.NullMarked;
