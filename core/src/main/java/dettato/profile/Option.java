package dettato.profile;

/** One way of doing something that schools do differently. */
public interface Option {
  /** The id that is kept. */
  String name();

  /** As it is chosen. */
  String title();

  /** What it changes, in one line. */
  String changes();

  /** The same on an example. */
  String example();
}
