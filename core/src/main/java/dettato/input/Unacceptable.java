package dettato.input;

/**
 * What was typed or sent cannot be taken. The message says what, where and what to do, and is fit
 * to be shown to whoever sent it. Any other {@link IllegalArgumentException} of the core is a
 * mistake of its caller, and nobody's typing.
 */
public final class Unacceptable extends IllegalArgumentException {
  public Unacceptable(String message) {
    super(message);
  }
}
