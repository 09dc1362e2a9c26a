@NullMarked
package dettato.activity.pairs;

import org.jspecify.annotations.NullMarked;
