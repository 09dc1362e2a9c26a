@NullMarked
package dettato.activity.read;

import org.jspecify.annotations.NullMarked;
