/** Speed of the core beside something known, in the same run. */
@NullMarked
package dettato.bench;

import org.jspecify.annotations.NullMarked;
