@NullMarked
package dettato.activity.join;

import org.jspecify.annotations.NullMarked;
