package dettato.notation;

import dettato.input.Unacceptable;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Which shape means what to a class. No shape means two things; what is not named is not marked.
 *
 * @param signs the shape of each meaning that is marked
 */
public record Notation(Map<Meaning, Shape> signs) {
  /** One mark a sound, the two letters of a split vowel joined; the focus is drawn stronger. */
  public static final Notation PLAIN =
      new Notation(Map.of(Meaning.SOUND, Shape.UNDERLINE, Meaning.SPLIT, Shape.ARC));

  /** No marks at all. */
  public static final Notation NONE = new Notation(Map.of());

  /**
   * @throws Unacceptable when a shape is given two meanings, or one it cannot have, naming both
   */
  public Notation {
    Map<Shape, Meaning> taken = new EnumMap<>(Shape.class);
    Map<Meaning, Shape> inOrder = new EnumMap<>(Meaning.class);
    inOrder.putAll(signs);
    inOrder.forEach(
        (meaning, shape) -> {
          if (!meaning.mayBe(shape)) {
            throw new Unacceptable(
                "a %s cannot be put on %s".formatted(shape.title(), meaning.title()));
          }
          Meaning other = taken.put(shape, meaning);
          if (other != null) {
            throw new Unacceptable(
                "the %s would mean both %s and %s. Which is it to be? Give the other another shape, or none."
                    .formatted(shape.title(), other.title(), meaning.title()));
          }
        });
    signs = Map.copyOf(inOrder);
  }

  public Optional<Shape> of(Meaning meaning) {
    return Optional.ofNullable(signs.get(meaning));
  }

  public boolean has(Meaning meaning) {
    return signs.containsKey(meaning);
  }

  /** What is marked, in the order legends list it. */
  public Set<Meaning> meanings() {
    EnumSet<Meaning> all = EnumSet.noneOf(Meaning.class);
    all.addAll(signs.keySet());
    return all;
  }

  /** The same with a ring around what is known by heart, unless that or the ring is taken. */
  public Notation withByHeart() {
    if (has(Meaning.IRREGULAR) || signs.containsValue(Shape.RING)) {
      return this;
    }
    Map<Meaning, Shape> more = new EnumMap<>(Meaning.class);
    more.putAll(signs);
    more.put(Meaning.IRREGULAR, Shape.RING);
    return new Notation(more);
  }

  /** Whether sounds stand in frames, apart from each other. */
  public boolean inFrames() {
    return of(Meaning.SOUND).filter(Shape.FRAME::equals).isPresent();
  }
}
