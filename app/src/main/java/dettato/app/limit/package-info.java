/** How often something may be tried. Knows no feature. */
@NullMarked
package dettato.app.limit;

import org.jspecify.annotations.NullMarked;
