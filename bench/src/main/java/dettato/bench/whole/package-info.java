/** Measurements of the whole application over its API, started by bin/measure. */
@NullMarked
package dettato.bench.whole;

import org.jspecify.annotations.NullMarked;
