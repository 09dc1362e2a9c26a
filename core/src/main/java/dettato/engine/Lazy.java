package dettato.engine;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A part of an engine that is made once, by whoever asks first; others wait for it. */
final class Lazy<T> implements Supplier<T> {
  private final Supplier<T> maker;
  private volatile @Nullable T made;

  Lazy(Supplier<T> maker) {
    this.maker = maker;
  }

  @Override
  public T get() {
    T known = made;
    return known != null ? known : make();
  }

  private synchronized T make() {
    T known = made;
    T part = known != null ? known : maker.get();
    made = part;
    return part;
  }
}
