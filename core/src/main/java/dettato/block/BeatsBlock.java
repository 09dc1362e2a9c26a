package dettato.block;

import dettato.exercise.Material;
import dettato.word.WrittenBeats;
import java.util.stream.Collectors;

/** Longer words, written beat by beat. */
final class BeatsBlock extends WordTaskBlock {
  @Override
  public String id() {
    return "beats";
  }

  @Override
  public String title() {
    return "Beat by beat";
  }

  @Override
  String says(String text, Material material) {
    String cut =
        WrittenBeats.of(material.word().apply(text)).stream()
            .map(WrittenBeats.Part::letters)
            .collect(Collectors.joining(" · "));
    return material.word().apply(text).withClue() + " (" + cut + ")";
  }
}
