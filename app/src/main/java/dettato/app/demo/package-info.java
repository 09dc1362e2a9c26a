/** The made-up class of Skerry Point Primary. */
@NullMarked
package dettato.app.demo;

import org.jspecify.annotations.NullMarked;
