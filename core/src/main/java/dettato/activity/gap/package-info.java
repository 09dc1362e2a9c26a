@NullMarked
package dettato.activity.gap;

import org.jspecify.annotations.NullMarked;
