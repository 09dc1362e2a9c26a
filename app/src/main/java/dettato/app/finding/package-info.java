/**
 * What the papers say of children, rules and sounds. Counted in SQL from stored outcomes; no
 * attempt is marked or read one by one until a teacher opens a cell.
 */
@NullMarked
package dettato.app.finding;

import org.jspecify.annotations.NullMarked;
