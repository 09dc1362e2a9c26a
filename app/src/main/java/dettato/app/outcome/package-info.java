/**
 * What the core made of attempts, stored row by row as it counts; all writing and reading of it.
 */
@NullMarked
package dettato.app.outcome;

import org.jspecify.annotations.NullMarked;
