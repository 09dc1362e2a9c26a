@NullMarked
package dettato.activity.sentence;

import org.jspecify.annotations.NullMarked;
