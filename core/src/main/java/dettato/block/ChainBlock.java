package dettato.block;

import dettato.exercise.Material;

/** Words of which each is one sound from the last. */
final class ChainBlock extends WordTaskBlock {
  @Override
  public String id() {
    return "chain";
  }

  @Override
  public String title() {
    return "Chain";
  }

  @Override
  String says(String text, Material material) {
    return "Now make it " + text;
  }
}
