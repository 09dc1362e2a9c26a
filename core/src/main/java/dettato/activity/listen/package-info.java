@NullMarked
package dettato.activity.listen;

import org.jspecify.annotations.NullMarked;
