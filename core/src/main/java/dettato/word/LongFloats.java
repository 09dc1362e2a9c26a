package dettato.word;

/**
 * Numbers of 0 or more by long keys, in open addressing: filled once, then only asked. Asking costs
 * O(1).
 */
final class LongFloats {
  private static final long SPREAD = 0x9E3779B97F4A7C15L;

  /** 0 where nothing is kept; no key is 0. */
  private final long[] keys;

  private final float[] values;
  private final int shift;

  /**
   * @param size how many will be put
   */
  LongFloats(int size) {
    int bits = Math.max(4, 65 - Long.numberOfLeadingZeros(size));
    this.keys = new long[1 << bits];
    this.values = new float[1 << bits];
    this.shift = 64 - bits;
  }

  void put(long key, float value) {
    int at = place(key);
    keys[at] = key;
    values[at] = value;
  }

  /** What is kept for a key; -1 when nothing is. */
  float get(long key) {
    int at = place(key);
    return keys[at] == 0 ? -1 : values[at];
  }

  private int place(long key) {
    int at = (int) (key * SPREAD >>> shift);
    while (keys[at] != 0 && keys[at] != key) {
      at = at + 1 & keys.length - 1;
    }
    return at;
  }
}
