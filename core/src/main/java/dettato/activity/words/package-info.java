@NullMarked
package dettato.activity.words;

import org.jspecify.annotations.NullMarked;
