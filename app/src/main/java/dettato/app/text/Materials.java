package dettato.app.text;

import dettato.app.engine.Engines;
import dettato.app.school.SchoolClass;
import dettato.choose.Material;
import dettato.engine.Engine;
import dettato.profile.Ahead;
import dettato.profile.SoundAnswers;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/**
 * What blocks are filled from for a class: our words, sentences and texts, and the school's own.
 */
@Component
@RequiredArgsConstructor
public class Materials {
  private final Engines engines;
  private final OwnTexts texts;

  public Material of(SchoolClass of) {
    SingletonSupplier<List<OwnText>> own = SingletonSupplier.of(texts::all);
    Engine engine = engines.of(of);
    return engine.material(
        of.step(),
        SingletonSupplier.of(() -> OwnText.over(engine.bank(), own.obtain())),
        SingletonSupplier.of(() -> OwnText.over(engine.hunts(), own.obtain())),
        new Material.Habits(
            of.choices().ahead() == Ahead.WARNED, of.choices().sounds() == SoundAnswers.ONE));
  }
}
