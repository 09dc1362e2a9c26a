package dettato.app.text;

import dettato.app.language.Languages;
import dettato.app.school.SchoolClass;
import dettato.choose.Material;
import dettato.profile.Ahead;
import dettato.profile.SoundAnswers;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/**
 * What blocks are filled from for a class: our words, sentences and texts, and the school's own.
 */
@Component
public class Materials {
  private final Languages languages;
  private final TextLanguages texts;

  Materials(Languages languages, TextLanguages texts) {
    this.languages = languages;
    this.texts = texts;
  }

  public Material of(SchoolClass of) {
    SingletonSupplier<List<OwnText>> own = SingletonSupplier.of(texts::own);
    TextLanguages.Made made = texts.of(languages.of(of));
    return languages
        .of(of)
        .material(
            of.step(),
            SingletonSupplier.of(() -> made.bank(own.obtain())),
            SingletonSupplier.of(() -> made.hunts(own.obtain())),
            new Material.Habits(
                of.choices().ahead() == Ahead.WARNED, of.choices().sounds() == SoundAnswers.ONE));
  }
}
