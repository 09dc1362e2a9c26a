@NullMarked
package dettato.activity.chain;

import org.jspecify.annotations.NullMarked;
