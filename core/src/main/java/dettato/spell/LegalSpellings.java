package dettato.spell;

import dettato.reading.LetterMasks;
import dettato.reading.ReadingRules;
import dettato.rule.RuleBook;
import dettato.sound.Accent;
import dettato.sound.Correspondence;
import dettato.sound.Correspondences;
import dettato.word.NeverWritten;
import dettato.word.Segmentation;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Every legal spelling of the sounds of an invented word: common and less common correspondences
 * (rare ones are marked right too, but not listed), each of which may be read as its sound where it
 * stands, and no rule broken but weak ones. The commonest correspondences come first. Time
 * O(product of the correspondences of the sounds).
 */
public final class LegalSpellings {
  private static final Set<String> ENDINGS = Set.of("ed", "es", "ti", "ci", "si", "ssi", "sci");

  private final Accent accent;
  private final Word word;
  private final Segmentation model;
  private final List<List<Correspondence>> choices = new ArrayList<>();
  private final Company company;
  private final boolean unmarked;
  private final Map<String, Integer> found = new LinkedHashMap<>();

  /** What is spelled so far, and by which correspondences. */
  private final List<Unit> units = new ArrayList<>();

  private final List<Correspondence> by = new ArrayList<>();

  private LegalSpellings(Segmentation model, Accent accent) {
    this.model = model;
    this.word = Word.invented(model);
    this.accent = accent;
    this.company = Company.of(accent);
    this.unmarked = model.units().stream().allMatch(u -> u.stress() == Unit.Stress.NONE);
    model
        .units()
        .forEach(
            u ->
                choices.add(
                    Correspondences.legal(u.sound(), accent).stream()
                        .filter(c -> c.use() != Correspondence.Use.RARE)
                        .filter(c -> !ENDINGS.contains(c.grapheme().text()))
                        .toList()));
  }

  /** The spellings of a word's sounds in an accent, its own among them. */
  public static List<String> of(Segmentation model, Accent accent) {
    LegalSpellings all = new LegalSpellings(model, accent);
    all.extend(0, 0);
    return all.found.entrySet().stream()
        .sorted(
            Map.Entry.<String, Integer>comparingByValue()
                .thenComparing(e -> e.getKey().length())
                .thenComparing(Map.Entry::getKey, Comparator.naturalOrder()))
        .map(Map.Entry::getKey)
        .toList();
  }

  /** Spells the unit at this place, and those after it, in every way. */
  private void extend(int at, int rarity) {
    if (at == model.size()) {
      if (isInCompany(at - 1, "")) {
        keep(rarity);
      }
      return;
    }
    boolean inSplit = at > 0 && units.get(at - 1).grapheme().isSplit();
    for (Correspondence c : choices.get(at)) {
      if (at > 0 && !isInCompany(at - 1, c.grapheme().text())) {
        continue;
      }
      boolean split = c.grapheme().isSplit();
      boolean fits = !split || at == model.size() - 2 && !model.unit(at + 1).sound().isVowel();
      boolean closes = !inSplit || c.grapheme().text().indexOf('e') < 0;
      if (fits && closes && isPlaced(c.grapheme().text())) {
        Unit unit = model.unit(at);
        units.add(new Unit(unit.sound(), c.grapheme(), unit.stress(), unit.opensBeat()));
        by.add(c);
        extend(at + 1, rarity + c.use().ordinal());
        units.remove(at);
        by.remove(at);
      }
    }
  }

  /** A doubled consonant letter stands only right after a short vowel letter. */
  private boolean isPlaced(String grapheme) {
    boolean doubled =
        grapheme.length() == 2
            && grapheme.charAt(0) == grapheme.charAt(1)
            && "aeiou".indexOf(grapheme.charAt(0)) < 0;
    return !doubled || !units.isEmpty() && units.get(units.size() - 1).isShortVowelLetter();
  }

  /** Whether real words spell a unit so between the one before it and what follows. */
  private boolean isInCompany(int at, String next) {
    String previous = at == 0 ? "" : units.get(at - 1).grapheme().text();
    Unit unit = model.unit(at);
    return units.get(at).equals(unit)
        || company.keeps(unit, isLoud(unit), by.get(at), previous, next);
  }

  /** A vowel with stress; any is, where nobody has marked the stress. */
  private boolean isLoud(Unit unit) {
    return unit.sound().isVowel() && (unmarked || unit.stress() != Unit.Stress.NONE);
  }

  private void keep(int rarity) {
    Segmentation cut = Segmentation.of(List.copyOf(units));
    boolean own = cut.spelling().equals(model.spelling());
    boolean written = own || !NeverWritten.isIn(cut.spelling());
    if (written && readsRight(cut) && RuleBook.keeps(word, cut)) {
      found.merge(cut.spelling(), rarity, Math::min);
    }
  }

  private boolean readsRight(Segmentation cut) {
    LetterMasks letters = new LetterMasks(cut.spelling());
    for (int i = 0; i < cut.size(); i++) {
      Unit unit = cut.unit(i);
      boolean says =
          ReadingRules.sounds(letters, cut.start(i), unit.grapheme().text()).stream()
              .anyMatch(s -> accent.alike(s, unit.sound()));
      if (!says) {
        return false;
      }
    }
    return true;
  }
}
