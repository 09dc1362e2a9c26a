/**
 * Builds core's word table from open sources and the reviewed lists. Not part of the application.
 */
@NullMarked
package dettato.lexicon;

import org.jspecify.annotations.NullMarked;
