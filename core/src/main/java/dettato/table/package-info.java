/**
 * Reads the tables that ship beside the classes that use them, row by row, and names the file, the
 * line and the reason when a row is wrong. Knows no linguistics.
 */
@NullMarked
package dettato.table;

import org.jspecify.annotations.NullMarked;
