/**
 * What planning asks of a class: the conditions its children break, words and cards that are due,
 * what was asked lately, how long things take. Read from papers and given sessions, in SQL.
 */
@NullMarked
package dettato.app.need;

import org.jspecify.annotations.NullMarked;
