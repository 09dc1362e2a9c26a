/** The engines of core, and the school's own words that they are made with. */
@NullMarked
package dettato.app.engine;

import org.jspecify.annotations.NullMarked;
