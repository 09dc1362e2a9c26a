@NullMarked
package dettato.activity.madeup;

import org.jspecify.annotations.NullMarked;
