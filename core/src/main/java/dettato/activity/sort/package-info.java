@NullMarked
package dettato.activity.sort;

import org.jspecify.annotations.NullMarked;
