@NullMarked
package dettato.activity.markup;

import org.jspecify.annotations.NullMarked;
