@NullMarked
package dettato.activity.irregular;

import org.jspecify.annotations.NullMarked;
