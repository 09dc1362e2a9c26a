package dettato.mark;

import java.util.Map;

/** Packed graphemes to packed forms: a small open-addressing table, 0 for "not there". */
final class FormMap {
  private final int[] keys;
  private final int[] forms;
  private final int mask;
  private final int[] longest = new int[32];

  FormMap(Map<Integer, Integer> entries) {
    int size = Integer.highestOneBit(Math.max(4, entries.size() * 2)) * 2;
    keys = new int[size];
    forms = new int[size];
    mask = size - 1;
    entries.forEach(this::put);
  }

  /** How many letters the longest grapheme has that starts with this letter (1 = a); 0: none. */
  int longest(int letter) {
    return longest[letter];
  }

  int get(int key) {
    for (int at = slot(key); ; at = (at + 1) & mask) {
      if (keys[at] == key) {
        return forms[at];
      }
      if (forms[at] == 0) {
        return 0;
      }
    }
  }

  private void put(int key, int form) {
    int at = slot(key);
    while (forms[at] != 0) {
      at = (at + 1) & mask;
    }
    keys[at] = key;
    int letters = (36 - Integer.numberOfLeadingZeros(key & ~Form.SPLIT)) / 5;
    int first = (key & ~Form.SPLIT) >>> 5 * (letters - 1);
    longest[first] = Math.max(longest[first], letters);
    forms[at] = form;
  }

  private int slot(int key) {
    return (key * 0x9E3779B9) >>> 16 & mask;
  }
}
