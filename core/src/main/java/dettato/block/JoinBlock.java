package dettato.block;

import dettato.exercise.Material;
import dettato.input.Unacceptable;
import dettato.plan.Pace;
import dettato.word.Join;

/** A base and an ending, said apart; the children write them joined. */
final class JoinBlock extends WordTaskBlock {
  @Override
  public String id() {
    return "join";
  }

  @Override
  public String title() {
    return "Base and ending";
  }

  @Override
  public String own(String text, Material material) {
    String word = super.own(text, material);
    if (material.word().apply(word).join().isEmpty()) {
      throw new Unacceptable(
          "'"
              + word
              + "' is not built from a base and an ending that we know. Take one such as hopping.");
    }
    return word;
  }

  @Override
  String says(String text, Material material) {
    return material.word().apply(text).join().map(Join::apart).orElse(text);
  }

  @Override
  public int seconds(Item item, Material material, Pace pace) {
    return pace.word(true, false);
  }
}
