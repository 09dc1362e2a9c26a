@NullMarked
package dettato.activity.beats;

import org.jspecify.annotations.NullMarked;
