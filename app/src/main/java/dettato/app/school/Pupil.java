package dettato.app.school;

/** A child, by id and first name or code. */
public record Pupil(long id, String name) {}
