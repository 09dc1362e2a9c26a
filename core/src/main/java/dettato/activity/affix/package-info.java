@NullMarked
package dettato.activity.affix;

import org.jspecify.annotations.NullMarked;
