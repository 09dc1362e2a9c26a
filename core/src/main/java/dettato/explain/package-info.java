/**
 * Says what an attempt shows, in plain sentences: which cause to speak of first, what else there
 * is, and what went well. All sentences stand in one table, {@code sayings.tsv}.
 */
@NullMarked
package dettato.explain;

import org.jspecify.annotations.NullMarked;
