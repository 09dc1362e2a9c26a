/** All that core knows for an accent, a school's own words and an order of teaching, in one. */
@NullMarked
package dettato.engine;

import org.jspecify.annotations.NullMarked;
