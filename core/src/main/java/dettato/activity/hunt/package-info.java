@NullMarked
package dettato.activity.hunt;

import org.jspecify.annotations.NullMarked;
