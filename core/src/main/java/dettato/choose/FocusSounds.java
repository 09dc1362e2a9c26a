package dettato.choose;

import dettato.focus.Focus;
import java.util.List;

/** The sounds, in IPA of the accent, that a focus is about. */
public final class FocusSounds implements Focus.Cases<List<String>> {
  /** A rule decides on few sounds; so many words show them. */
  private static final int LOOKED_AT = 40;

  private final Material material;

  private FocusSounds(Material material) {
    this.material = material;
  }

  public static List<String> of(Focus focus, Material material) {
    return focus.read(new FocusSounds(material));
  }

  @Override
  public List<String> rule(String id) {
    return material.chooser().candidates(id, material.step()).stream()
        .limit(LOOKED_AT)
        .map(c -> c.word().cut().ipa(c.at().unit(), material.accent()))
        .distinct()
        .toList();
  }

  @Override
  public List<String> rivals(String sound, List<String> graphemes) {
    return List.of(sound);
  }

  @Override
  public List<String> irregular() {
    return List.of();
  }
}
