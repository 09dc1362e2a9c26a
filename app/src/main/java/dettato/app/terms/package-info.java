/** What the class that is looked at calls things: texts that explain are said in its words. */
@NullMarked
package dettato.app.terms;

import org.jspecify.annotations.NullMarked;
