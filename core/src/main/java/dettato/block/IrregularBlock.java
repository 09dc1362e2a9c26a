package dettato.block;

import dettato.exercise.Material;
import dettato.plan.Pace;

/** Words to be known by heart: their irregular part is asked from memory. */
final class IrregularBlock extends WordTaskBlock {
  @Override
  public String id() {
    return "irregular";
  }

  @Override
  public boolean isByHeart() {
    return true;
  }

  @Override
  public String title() {
    return "Irregular words";
  }

  @Override
  public int seconds(Item item, Material material, Pace pace) {
    return pace.word(false, true);
  }

  @Override
  String says(String text, Material material) {
    return material.word().apply(text).withClue();
  }
}
