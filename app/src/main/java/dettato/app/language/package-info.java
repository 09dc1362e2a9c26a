/** Words, sounds and rules as a teacher looks them up, and the school's own words. */
@NullMarked
package dettato.app.language;

import org.jspecify.annotations.NullMarked;
