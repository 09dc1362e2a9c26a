/**
 * What a class can be asked beside plain dictation: gaps, sorting, matching, listening, beats,
 * irregular words, prefixes and suffixes, invented words, a mistake to find. A kind is one class in
 * {@link dettato.exercise.ExerciseBook}; all are seeded, and every task says why it is there.
 */
@NullMarked
package dettato.exercise;

import org.jspecify.annotations.NullMarked;
