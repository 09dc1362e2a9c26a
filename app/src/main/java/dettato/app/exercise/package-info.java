/** Exercises for a class: tasks of every kind, made by core for what the class is taught. */
@NullMarked
package dettato.app.exercise;

import org.jspecify.annotations.NullMarked;
