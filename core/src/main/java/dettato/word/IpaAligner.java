package dettato.word;

import dettato.sound.Accent;
import dettato.sound.Correspondences;
import dettato.sound.Sound;
import dettato.word.Aligner.Realisation;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Pairs the letters of a word with a pronunciation written in IPA, in one accent. */
public final class IpaAligner {
  private final Aligner aligner;
  private final List<String> symbols;

  public IpaAligner(Accent accent) {
    Set<String> known = new LinkedHashSet<>();
    dettato.sound.Sounds.all().forEach(s -> known.add(accent.say(s)));
    this.symbols =
        known.stream().sorted(Comparator.comparingInt(String::length).reversed()).toList();
    Map<String, List<Realisation>> said = new HashMap<>();
    for (Sound sound : Correspondences.sounds()) {
      List<Realisation> ways = new ArrayList<>();
      List<String> plain = split(accent.say(sound)).orElseThrow();
      ways.add(new Realisation(plain, 0));
      if (!accent.rhotic() && sound.last().kind() == Sound.Kind.RHOTIC) {
        ways.add(new Realisation(split(accent.say(sound) + "r").orElseThrow(), 0));
      }
      said.put(sound.id(), ways);
    }
    this.aligner = new Aligner(said);
  }

  /**
   * The cut, or empty when the listed correspondences cannot pair the two.
   *
   * @param ipa symbols of the accent; stress marks, dots and spaces are passed over
   */
  public Optional<Segmentation> align(String spelling, String ipa) {
    return split(ipa.replaceAll("[ˈˌ.\\s/‿]", "").replace('g', 'ɡ'))
        .flatMap(phones -> aligner.align(spelling, phones))
        .map(cut -> Beats.cut(Segmentation.of(spelling, Stressed.first(cut.units())), -1));
  }

  /** The accent's symbols in a text, the longest first; empty when one is not the accent's. */
  private Optional<List<String>> split(String ipa) {
    List<String> found = new ArrayList<>();
    int at = 0;
    while (at < ipa.length()) {
      int from = at;
      Optional<String> next = symbols.stream().filter(s -> ipa.startsWith(s, from)).findFirst();
      if (next.isEmpty()) {
        return Optional.empty();
      }
      found.add(next.get());
      at += next.get().length();
    }
    return Optional.of(found);
  }
}
