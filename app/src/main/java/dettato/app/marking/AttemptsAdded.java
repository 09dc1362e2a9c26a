package dettato.app.marking;

import dettato.app.school.SchoolClass;

/** Attempts of a class came in from elsewhere, many at once. */
public record AttemptsAdded(SchoolClass of) {}
