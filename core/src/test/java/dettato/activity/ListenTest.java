package dettato.activity;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.choose.Task;
import dettato.choose.Wanted;
import dettato.sound.Sound;
import dettato.word.Unit;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * Three hundred questions, each answered anew from the words' sounds alone: one answer is right.
 */
class ListenTest {
  private static final Map<List<String>, Set<String>> BY_SOUND = bySound();

  @Test
  void everyQuestionHasExactlyOneRightAnswer() {
    Map<String, Integer> kinds = new HashMap<>();
    int asked = 0;
    for (int level = 1; level <= Wanted.LEVELS; level++) {
      for (long seed = 1; seed <= 5; seed++) {
        for (Task task : Kinds.tasks("listen", Optional.empty(), level, 21, seed)) {
          String kind = task.says().replaceAll("[ ,].*", "");
          kinds.merge(kind + level, 1, Integer::sum);
          asked++;
          assertEquals(Set.copyOf(task.answer()), rightAnswers(task), task.toString());
        }
      }
    }
    System.out.println("listening questions: " + asked + " " + kinds);
    assertTrue(asked >= 300, "asked: " + asked);
    assertTrue(
        kinds.keySet().containsAll(Set.of("Say1", "Say2", "Say3", "Where3", "How1", "What2")),
        kinds.toString());
  }

  private static Set<String> rightAnswers(Task task) {
    String says = task.says();
    if (says.startsWith("Which word is it?")) {
      return BY_SOUND.getOrDefault(told(says), Set.of());
    }
    if (says.startsWith("Say the sounds")) {
      return Set.of(
          String.join(" ", sounds(task.text()).stream().map(s -> "/" + s + "/").toList()));
    }
    if (says.startsWith("Where")) {
      return where(told(says).get(0), sounds(task.text()));
    }
    if (says.startsWith("How many beats")) {
      return Set.of(String.valueOf(vowels(task.text()).size()));
    }
    if (says.startsWith("What do")) {
      return shared(says.replaceAll("What do | share\\?", "").split(", "));
    }
    return says.contains(" without ") ? left(task) : alike(task);
  }

  private static Set<String> left(Task task) {
    List<String> told = told(task.says());
    if (told.isEmpty()) {
      String without = task.says().replaceAll(".* without |\\.$", "");
      List<String> whole = sounds(task.text());
      List<String> part = sounds(without);
      List<String> rest =
          whole.subList(0, part.size()).equals(part)
              ? whole.subList(part.size(), whole.size())
              : List.of();
      String letters = task.text().substring(without.length());
      return BY_SOUND.getOrDefault(rest, Set.of()).contains(letters) ? Set.of(letters) : Set.of();
    }
    List<String> rest = new ArrayList<>(sounds(task.text()));
    assertTrue(rest.remove(told.get(0)));
    assertFalse(rest.contains(told.get(0)));
    Set<String> known = new LinkedHashSet<>(BY_SOUND.getOrDefault(rest, Set.of()));
    known.removeIf(w -> Kinds.word(w).commonness() > 3);
    return known;
  }

  private static Set<String> alike(Task task) {
    Set<String> right = new LinkedHashSet<>();
    for (String option : task.options()) {
      boolean same =
          task.says().contains("begins")
              ? sounds(option).get(0).equals(sounds(task.text()).get(0))
              : task.says().contains("ends")
                  ? last(option).equals(last(task.text()))
                  : vowels(option).equals(vowels(task.text()));
      if (same) {
        right.add(option);
      }
    }
    return right;
  }

  private static Set<String> shared(String[] words) {
    Set<String> shared = new LinkedHashSet<>();
    if (Arrays.stream(words).map(w -> sounds(w).get(0)).distinct().count() == 1) {
      shared.add("the first sound");
    }
    if (Arrays.stream(words).map(ListenTest::last).distinct().count() == 1) {
      shared.add("the last sound");
    }
    if (Arrays.stream(words).map(ListenTest::vowels).distinct().count() == 1) {
      shared.add("the vowel");
    }
    return shared;
  }

  private static Set<String> where(String sound, List<String> sounds) {
    Set<String> places = new LinkedHashSet<>();
    for (int i = 0; i < sounds.size(); i++) {
      if (sounds.get(i).equals(sound)) {
        places.add(i == 0 ? "start" : i == sounds.size() - 1 ? "end" : "middle");
      }
    }
    return places;
  }

  private static List<String> told(String says) {
    List<String> told = new ArrayList<>();
    Matcher sound = Pattern.compile("/([^/]+)/").matcher(says);
    while (sound.find()) {
      told.add(sound.group(1));
    }
    return told;
  }

  private static String last(String word) {
    List<String> sounds = sounds(word);
    return sounds.get(sounds.size() - 1);
  }

  private static List<String> sounds(String spelling) {
    List<String> sounds = new ArrayList<>();
    for (Unit unit : Kinds.word(spelling).cut().units()) {
      parts(unit).forEach(p -> sounds.add(Kinds.ACCENT.heard(p)));
    }
    return sounds;
  }

  private static List<Sound> parts(Unit unit) {
    return unit.sound().isRun() ? unit.sound().parts() : List.of(unit.sound());
  }

  private static List<String> vowels(String spelling) {
    return Kinds.word(spelling).cut().units().stream()
        .flatMap(u -> parts(u).stream())
        .filter(Sound::isVowel)
        .map(Kinds.ACCENT::heard)
        .toList();
  }

  private static Map<List<String>, Set<String>> bySound() {
    Map<List<String>, Set<String>> all = new HashMap<>();
    for (Word word : Kinds.ENGINE.words()) {
      if (word.use() == Word.Use.CHOOSE) {
        all.computeIfAbsent(sounds(word.spelling()), s -> new LinkedHashSet<>())
            .add(word.spelling());
      }
    }
    return all;
  }
}
