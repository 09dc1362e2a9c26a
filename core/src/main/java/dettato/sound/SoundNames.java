package dettato.sound;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What sounds are called in texts. Our texts write a sound, or how something is read, in IPA
 * between slashes; here it is put into the signs that a class wants.
 */
public final class SoundNames {
  private static final Pattern SOUND =
      Pattern.compile("(?<![\\w/])/([^/\\s]+)/(?![\\w/])(?: as in ([a-z]+))?( as )?");
  private static final int LONGEST = 3;

  private final SoundSigns signs;

  /** By IPA what it is written with, and the word to know it by; other accents' sounds last. */
  private final Map<String, Written> written = new LinkedHashMap<>();

  /** The sounds of the accent itself. */
  private final List<String> own;

  private record Written(String letters, String keyword) {}

  public SoundNames(Accent accent, SoundSigns signs) {
    this.signs = signs;
    know(accent);
    own = List.copyOf(written.keySet());
    Accents.all().forEach(this::know);
  }

  private void know(Accent accent) {
    for (Sound sound : Sounds.all()) {
      written.putIfAbsent(
          accent.say(sound), new Written(Sounds.letters(sound), Sounds.keyword(sound)));
    }
  }

  /** A text with every sound in it written so; what is no sound stays as it is. */
  public String in(String text) {
    return signs == SoundSigns.PHONETIC || text.indexOf('/') < 0
        ? text
        : SOUND.matcher(text).replaceAll(this::replaced);
  }

  /**
   * One sound, or several one after the other, as short as can be, for where there is little room:
   * ai, smyooj, or the IPA as it is.
   *
   * @param ipa without slashes
   */
  public String mark(String ipa) {
    return signs == SoundSigns.PHONETIC ? ipa : letters(ipa).orElse(ipa);
  }

  /** By IPA the mark of every single sound of the accent. */
  public Map<String, String> marks() {
    Map<String, String> marks = new LinkedHashMap<>();
    own.forEach(ipa -> marks.put(ipa, mark(ipa)));
    return marks;
  }

  private String replaced(MatchResult found) {
    String ipa = found.group(1);
    String spelt = found.group(3) == null ? "" : ": ";
    String said = named(ipa, found.group(2)).map(n -> n + spelt).orElseGet(found::group);
    return Matcher.quoteReplacement(said);
  }

  private Optional<String> named(String ipa, @Nullable String keyword) {
    Written one = written.get(ipa);
    if (one == null || signs == SoundSigns.LETTERS) {
      return letters(ipa).map(l -> keyword == null ? l : l + " as in " + keyword);
    }
    return Optional.of(one.letters + " as in " + (keyword == null ? one.keyword : keyword));
  }

  /** The letters of sounds said one after the other; empty when some sign is none of the accent. */
  private Optional<String> letters(String ipa) {
    StringBuilder letters = new StringBuilder();
    int at = 0;
    while (at < ipa.length()) {
      Written longest = null;
      int taken = 0;
      for (int length = Math.min(LONGEST, ipa.length() - at); length > 0 && taken == 0; length--) {
        longest = written.get(ipa.substring(at, at + length));
        taken = longest == null ? 0 : length;
      }
      if (longest == null) {
        return Optional.empty();
      }
      letters.append(longest.letters);
      at += taken;
    }
    return Optional.of(letters.toString());
  }
}
