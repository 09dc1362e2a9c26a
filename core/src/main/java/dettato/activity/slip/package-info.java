@NullMarked
package dettato.activity.slip;

import org.jspecify.annotations.NullMarked;
