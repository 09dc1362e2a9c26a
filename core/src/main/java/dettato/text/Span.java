package dettato.text;

/** Letters of a text, from the first to the one after the last. */
public record Span(int from, int to) {}
