/** Sentences, texts and their check, chains and pairs of words. */
@NullMarked
package dettato.app.text;

import org.jspecify.annotations.NullMarked;
