package dettato.app.language;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Makes a value when it is first asked for, and keeps it. */
final class Once<T> implements Supplier<T> {
  private final Supplier<T> make;
  private volatile @Nullable T made;

  private Once(Supplier<T> make) {
    this.make = make;
  }

  static <T> Supplier<T> of(Supplier<T> make) {
    return new Once<>(make);
  }

  @Override
  public T get() {
    T known = made;
    if (known != null) {
      return known;
    }
    synchronized (this) {
      known = made;
      if (known == null) {
        known = make.get();
        made = known;
      }
      return known;
    }
  }
}
