/**
 * The spelling rules: which grapheme a sound takes from what stands around it, and how often that
 * holds. Knows no attempts.
 */
@NullMarked
package dettato.rule;

import org.jspecify.annotations.NullMarked;
