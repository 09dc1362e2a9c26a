package dettato.rule;

import static dettato.rule.Condition.due;
import static dettato.rule.Example.right;
import static dettato.rule.Example.under;

import dettato.table.Row;
import dettato.table.Table;
import dettato.word.Word;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Words that change inside instead of taking the ending: mice, kept. Its place is the first unit
 * that the base does not have; whoever leaves it out writes the whole word with the usual ending.
 */
public final class IrregularForm extends RuleAtUnit {
  private static final Map<String, Form> FORMS =
      Table.load(IrregularForm.class, "irregular-forms.tsv", Form::of).stream()
          .collect(Collectors.toUnmodifiableMap(Form::word, f -> f));

  private static final Condition PLURAL =
      due(
          "irregular-form/plural",
          "the word changes when there are more than one, and takes no s",
          "It changes inside: learn one and many together.",
          right("mice"),
          under("mice", "mouses"),
          under("feet", "foots"));
  private static final Condition PAST =
      due(
          "irregular-form/past",
          "the word changes in the past, and takes no ed",
          "It changes inside: learn today and yesterday together.",
          right("kept"),
          under("kept", "keeped"),
          under("told", "telled"));

  IrregularForm() {
    super(
        new About(
            "irregular-form",
            "irregular forms",
            "Some words change instead of taking the ending: mouse and mice, keep and kept. They must be known.",
            "Some words change inside. Learn the two together.",
            "They are old words, and often used: what is said often keeps its old form.",
            "mice",
            "mouses"),
        PLURAL,
        PAST);
  }

  private record Form(String word, String base, boolean plural) {
    static Form of(Row row) {
      return new Form(row.get("form"), row.get("base"), row.get("kind").equals("plural"));
    }

    /** The base, or the form itself, with the usual ending in whatever way it is joined. */
    Set<String> regular() {
      Set<String> regular = new HashSet<>();
      for (String stem : Set.of(base, word)) {
        String last = stem.substring(stem.length() - 1);
        String less = stem.substring(0, stem.length() - 1);
        if (plural) {
          regular.addAll(Set.of(stem + "s", stem + "es", less + "ies", less + "ves"));
        } else {
          regular.addAll(Set.of(stem + "ed", stem + "d", stem + last + "ed", less + "ied"));
        }
      }
      regular.remove(word);
      return regular;
    }
  }

  /** What a word is the plural or the past of, where it changes inside. */
  public static Optional<String> base(Word word) {
    return Optional.ofNullable(FORMS.get(word.letters())).map(Form::base);
  }

  /** The word's base with the usual ending (mouses for mice), in whatever way it is joined. */
  public static Set<String> regular(Word word) {
    Form form = FORMS.get(word.letters());
    return form == null ? Set.of() : form.regular();
  }

  @Override
  Optional<Opportunity> at(Place place) {
    Form form = FORMS.get(place.word().letters());
    if (form == null || place.index() != changed(place.word(), form.base)) {
      return Optional.empty();
    }
    String why =
        form.plural
            ? "more than one %s is %s, so %s is due"
                .formatted(form.base, form.word, place.grapheme())
            : "the past of %s is %s, so %s is due"
                .formatted(form.base, form.word, place.grapheme());
    return Optional.of((form.plural ? PLURAL : PAST).at(place, place.grapheme(), why));
  }

  /** The first unit whose letters the base does not have; the last where it has them all. */
  private static int changed(Word word, String base) {
    int same = 0;
    String letters = word.letters();
    while (same < Math.min(letters.length(), base.length())
        && letters.charAt(same) == base.charAt(same)) {
      same++;
    }
    return word.cut().unitAt(Math.min(same, letters.length() - 1));
  }
}
