@NullMarked
package dettato.activity.ownsentence;

import org.jspecify.annotations.NullMarked;
