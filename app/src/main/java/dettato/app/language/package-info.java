/** The core, made ready for each accent: lexicon, marker, chooser. */
@NullMarked
package dettato.app.language;

import org.jspecify.annotations.NullMarked;
