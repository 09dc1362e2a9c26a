@NullMarked
package dettato.activity.match;

import org.jspecify.annotations.NullMarked;
