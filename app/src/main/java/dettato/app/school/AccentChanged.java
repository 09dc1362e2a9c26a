package dettato.app.school;

/** Says that a class speaks otherwise now, so that its marks are made anew. */
public record AccentChanged(long classId) {}
