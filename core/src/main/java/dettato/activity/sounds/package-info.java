@NullMarked
package dettato.activity.sounds;

import org.jspecify.annotations.NullMarked;
