package dettato.mark;

import dettato.word.Segmentation;
import java.util.List;
import java.util.Optional;

/**
 * The silent e of a split grapheme whose vowel letter is not there (cke for cake): it is what was
 * written of the grapheme, and no letter too many.
 */
final class SilentEAlone {
  private SilentEAlone() {}

  /** Gives each missing split grapheme its e back, where one stands in its place. */
  static void settle(Segmentation word, UnitMark[] units, List<Extra> extras) {
    for (int i = 0; i < units.length; i++) {
      int e = word.silentE(i);
      if (e < 0 || units[i].verdict() != Verdict.MISSING) {
        continue;
      }
      int after = e + 1 < word.spelling().length() ? word.unitAt(e + 1) : units.length;
      if (extras.remove(new Extra("e", after))) {
        units[i] = new UnitMark("e", Verdict.PARTIAL, Optional.of("letters-missing"));
      }
    }
  }
}
