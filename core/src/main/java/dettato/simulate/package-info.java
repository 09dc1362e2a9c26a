/** Invents a class of children with planted habits, for demo data and for testing the findings. */
@NullMarked
package dettato.simulate;

import org.jspecify.annotations.NullMarked;
