/** How a school goes about it: what differs between schools, and what each choice changes. */
@NullMarked
package dettato.profile;

import org.jspecify.annotations.NullMarked;
