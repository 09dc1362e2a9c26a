package dettato.app.school;

/** A class with how it works, as one look finds them. */
record ClassWithProfile(ClassRow row, ProfileRow profile) {}
