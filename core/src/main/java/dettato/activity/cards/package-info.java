@NullMarked
package dettato.activity.cards;

import org.jspecify.annotations.NullMarked;
