package dettato.activity.sounds;

import dettato.activity.AnswerKind;
import dettato.activity.Form;
import dettato.activity.Item;
import dettato.activity.Judged;
import dettato.activity.Markers;
import dettato.activity.OwnLine;
import dettato.activity.Request;
import dettato.activity.Traits;
import dettato.activity.Traits.Answer;
import dettato.choose.FocusSounds;
import dettato.choose.Material;
import dettato.input.Unacceptable;
import dettato.plan.TeachingSequence;
import dettato.prompt.Prompt;
import dettato.sound.Correspondences;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** Sounds to write: each answered with one grapheme, or with all that are taught. */
public final class SoundsKind extends AnswerKind {
  public static final String ID = "sounds";
  private static final String EXAMPLE = "/eɪ/ [ai; ay; a-e]";
  private static final double ONE_SECONDS = 16;
  private static final double EACH_SECONDS = 10;
  private static final Traits TRAITS =
      Traits.of(ID, "Sounds to write", Answer.GRAPHEMES)
          .asks("Write the letters that spell the sound.")
          .steps("say it", "write", "show", "check and fix")
          .line(EXAMPLE)
          .count(2, 20);

  @Override
  public Traits traits() {
    return TRAITS;
  }

  /** Sounds that were missed lately, then others; those of the focus last. */
  @Override
  public List<Item> fill(Request request, Material material) {
    Map<String, List<String>> taught = taught(material);
    List<String> last = new ArrayList<>();
    request.focus().forEach(f -> FocusSounds.of(f, material).forEach(s -> add(last, s, taught)));
    List<String> review = new ArrayList<>();
    request.needs().sounds().forEach(s -> add(review, s, taught));
    List<String> others = new ArrayList<>(taught.keySet());
    Collections.shuffle(others, new Random(request.seed()));
    others.forEach(s -> add(review, s, taught));
    review.removeAll(last);
    int own = Math.min(last.size(), Math.max(1, request.count() / 2));
    List<Item> items = new ArrayList<>();
    for (String sound : review) {
      if (items.size() < request.count() - own && isFree(sound, request)) {
        String why = request.needs().sounds().contains(sound) ? "missed lately" : "";
        items.add(item(sound, taught, Item.Role.REVIEW, why, request, material));
      }
    }
    last.stream()
        .limit(own)
        .forEach(
            s ->
                items.add(item(s, taught, Item.Role.FOCUS, "what it is about", request, material)));
    return items;
  }

  private static boolean isFree(String sound, Request request) {
    return request.without().stream().noneMatch(w -> w.startsWith("/" + sound + "/"));
  }

  private static void add(List<String> to, String sound, Map<String, List<String>> taught) {
    if (taught.containsKey(sound) && !to.contains(sound)) {
      to.add(sound);
    }
  }

  private static Map<String, List<String>> taught(Material material) {
    Map<String, List<String>> taught = new LinkedHashMap<>();
    for (TeachingSequence.Step step : material.sequence().steps()) {
      if (step.number() <= material.step()) {
        List<String> all =
            taught.computeIfAbsent(material.accent().say(step.sound()), s -> new ArrayList<>());
        String letters = step.grapheme().text().replace('_', '-');
        if (!all.contains(letters)) {
          all.add(letters);
        }
      }
    }
    return taught;
  }

  private static Item item(
      String sound,
      Map<String, List<String>> taught,
      Item.Role role,
      String why,
      Request request,
      Material material) {
    List<String> graphemes = taught.getOrDefault(sound, List.of());
    boolean one = (request.easy() || material.habits().oneWay()) && graphemes.size() > 1;
    return new Item(new Prompt.Sound(sound, "", graphemes, one), role, Optional.empty(), why);
  }

  @Override
  public Prompt own(String typed, Material material) {
    Prompt.Sound sound = Prompt.Sound.of(OwnLine.answered(typed, EXAMPLE));
    boolean known =
        Correspondences.sounds().stream()
            .anyMatch(s -> material.accent().say(s).equals(sound.sound()));
    if (!known) {
      throw new Unacceptable(
          "'"
              + sound.asks()
              + "' is no sound of this class's accent. Write one such as "
              + EXAMPLE
              + ".");
    }
    return sound;
  }

  private static Prompt.Sound sound(Prompt prompt) {
    return (Prompt.Sound) prompt;
  }

  @Override
  protected List<String> answers(Prompt prompt) {
    return sound(prompt).graphemes();
  }

  @Override
  protected String says(Prompt prompt) {
    int count = answers(prompt).size();
    return sound(prompt).oneWay() || count < 2
        ? prompt.asks()
        : prompt.asks() + ", " + count + " ways";
  }

  @Override
  public List<Form> forms(List<Prompt> items, Material material) {
    return items.stream().<Form>map(i -> new Form.Room("", "", Form.Size.SOUND, 0)).toList();
  }

  @Override
  protected double secondsEach(Prompt prompt) {
    return sound(prompt).oneWay() ? ONE_SECONDS : EACH_SECONDS * answers(prompt).size();
  }

  /** Graphemes in any order; asked for one, any of them is right. */
  @Override
  public Judged judge(Prompt prompt, String written, Markers markers) {
    List<String> answers = answers(prompt);
    List<String> given = parts(written);
    if (!sound(prompt).oneWay() || given.isEmpty()) {
      return Judged.ofParts(list(answers, given));
    }
    Set<String> right = Set.copyOf(answers);
    return Judged.ofParts(
        list(
            List.of(given.stream().filter(right::contains).findFirst().orElse(answers.get(0))),
            given.stream()
                .filter(g -> !right.contains(g) || g.equals(first(given, right)))
                .toList()));
  }

  private static String first(List<String> given, Set<String> right) {
    return given.stream().filter(right::contains).findFirst().orElse("");
  }
}
