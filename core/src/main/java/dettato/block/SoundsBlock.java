package dettato.block;

import dettato.exercise.Material;
import dettato.input.Unacceptable;
import dettato.plan.TeachingSequence;
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
final class SoundsBlock extends AskedBlock {
  private static final String ONE = "one way";
  private static final double ONE_SECONDS = 16;
  private static final double EACH_SECONDS = 10;

  @Override
  public String id() {
    return "sounds";
  }

  @Override
  public String title() {
    return "Sounds to write";
  }

  @Override
  String example() {
    return "/eɪ/ [ai; ay; a-e]";
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
    String says = "/" + sound + "/" + (one ? ", " + ONE : "");
    return new Item(AskedText.of(says, graphemes, List.of()).text(), role, Optional.empty(), why);
  }

  @Override
  public String own(String text, Material material) {
    AskedText asked = AskedText.own(text, example());
    String sound = sound(asked);
    boolean known =
        Correspondences.sounds().stream().anyMatch(s -> material.accent().say(s).equals(sound));
    if (!known) {
      throw new Unacceptable(
          "'"
              + asked.says()
              + "' is no sound of this class's accent. Write one such as "
              + example()
              + ".");
    }
    return asked.text();
  }

  private static String sound(AskedText asked) {
    int end = asked.says().indexOf('/', 1);
    return asked.says().startsWith("/") && end > 1 ? asked.says().substring(1, end) : "";
  }

  @Override
  String says(AskedText asked) {
    int count = asked.answers().size();
    return asked.says().endsWith(ONE) || count < 2
        ? asked.says()
        : asked.says() + ", " + count + " ways";
  }

  @Override
  public List<Form> forms(List<Item> items, Material material) {
    return items.stream().<Form>map(i -> new Form.Room("", "", Form.Size.SOUND, 0)).toList();
  }

  @Override
  double secondsEach(AskedText asked) {
    return asked.says().endsWith(ONE) ? ONE_SECONDS : EACH_SECONDS * asked.answers().size();
  }

  /** Graphemes in any order; asked for one, any of them is right. */
  @Override
  public Judged judge(String text, String written, Markers markers) {
    AskedText asked = AskedText.kept(text);
    List<String> given =
        AskedText.parts(written, "[,;/\\s]+").stream().map(AskedText::plain).toList();
    if (!asked.says().endsWith(ONE) || given.isEmpty()) {
      return Judged.ofParts(list(asked.answers(), given));
    }
    Set<String> right = Set.copyOf(asked.answers());
    return Judged.ofParts(
        list(
            List.of(
                given.stream().filter(right::contains).findFirst().orElse(asked.answers().get(0))),
            given.stream()
                .filter(g -> !right.contains(g) || g.equals(first(given, right)))
                .toList()));
  }

  private static String first(List<String> given, Set<String> right) {
    return given.stream().filter(right::contains).findFirst().orElse("");
  }
}
