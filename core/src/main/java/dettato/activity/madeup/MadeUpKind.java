package dettato.activity.madeup;

import dettato.activity.Call;
import dettato.activity.Markers;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.activity.WordKind;
import dettato.choose.Material;
import dettato.choose.Sources;
import dettato.choose.Tasks;
import dettato.prompt.Prompt;
import dettato.reading.Reader;
import dettato.spell.LegalSpellings;
import dettato.word.Word;
import java.util.List;
import java.util.Optional;

/** Invented words, spelled by sound and rule: every legal spelling is right. */
public final class MadeUpKind extends WordKind {
  public static final String ID = "made-up";
  private static final Traits TRAITS =
      Traits.of(ID, "Invented words", Answer.WORD)
          .asks("Write what you hear. Any spelling that could say it is right.")
          .steps("say it", "class repeats", "count sounds", "write", "show", "check and fix")
          .example("An invented word")
          .with(Trait.LEVELS, Trait.INVENTED, Trait.NOT_REVIEWED, Trait.NOT_SENT);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  @Override
  public Optional<Tasks> tasks(Sources sources) {
    return Optional.of(new MadeUp(sources.invented()));
  }

  @Override
  protected String says(Prompt prompt, Material material) {
    return "/" + word(due(prompt)).cut().ipa(material.accent()) + "/, no real word";
  }

  @Override
  public Call call(Prompt prompt, Material material) {
    Call call = super.call(prompt, material);
    List<String> legal = LegalSpellings.of(word(due(prompt)).cut(), material.accent());
    return new Call(call.says(), legal.isEmpty() ? call.answer() : legal, call.pause());
  }

  @Override
  protected Word word(String due, Markers markers) {
    return word(due);
  }

  /** It is built of no base and no ending, so it is read by rule from end to end. */
  private static Word word(String spelling) {
    return Word.invented(Reader.read(spelling));
  }
}
