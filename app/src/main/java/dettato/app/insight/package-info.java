/** What the attempts say about children and rules. */
@NullMarked
package dettato.app.insight;

import org.jspecify.annotations.NullMarked;
