@NullMarked
package dettato.activity.questions;

import org.jspecify.annotations.NullMarked;
