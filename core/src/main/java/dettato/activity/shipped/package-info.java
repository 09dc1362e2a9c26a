@NullMarked
package dettato.activity.shipped;

import org.jspecify.annotations.NullMarked;
