package dettato.mark;

/** What a legal spelling is where it cannot be read as the sound. */
final class OutOfContext {
  private OutOfContext() {}

  /**
   * A legal spelling of the sound that cannot be read so at this place is no alternative there: it
   * is what is left of the right grapheme, a vowel letter by its name, or a near sound's. Where a
   * rule names the form (cit for kit), or one letter stands for a short vowel as it does in most
   * words (bisicle for bicycle), or i for a weak y inside (ladibird), it stays an alternative. So
   * does what differs by the j before a vowel alone (cuet for cute): the same letters spell both.
   */
  static int form(UnitForms forms, String written, int form, boolean last) {
    if (forms.isDamaged(written)) {
      String name = forms.damage(written, forms.unit.grapheme().isSplit());
      return Form.of(Verdict.PARTIAL, Costs.PARTIAL, name);
    }
    if (!last && forms.isOpenSplit(written)) {
      return Form.of(Verdict.PARTIAL, Costs.PARTIAL, "split-open");
    }
    if (forms.isOwnLetter(written)) {
      return form;
    }
    boolean weakI = forms.sound().id().equals("happY") && written.equals("i");
    boolean weakEnd = forms.isWeakEnd() && written.length() == 1;
    if (weakI || weakEnd || forms.isNamedByRule(written) || forms.isShortVowelBy(written)) {
      return form;
    }
    int near = forms.near(written);
    if (LetterNames.isNameOf(written, forms.unit.sound())) {
      return Form.of(Verdict.NEAR, Costs.NEAR, "letter-name");
    }
    if (near != 0 && !Form.confusion(near).equals("yod")) {
      return near;
    }
    return forms.vowel && written.length() == 1
        ? Form.of(Verdict.OTHER, Costs.OTHER_SAME, "")
        : form;
  }
}
