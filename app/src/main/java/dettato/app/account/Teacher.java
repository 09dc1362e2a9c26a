package dettato.app.account;

import java.io.Serializable;

/** Who is logged in. */
public record Teacher(long id, String name) implements Serializable {}
