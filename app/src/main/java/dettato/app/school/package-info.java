/** Classes and their children. */
@NullMarked
package dettato.app.school;

import org.jspecify.annotations.NullMarked;
