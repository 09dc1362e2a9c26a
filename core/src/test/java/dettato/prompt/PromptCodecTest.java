package dettato.prompt;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class PromptCodecTest {
  static Stream<Prompt> all() {
    return Stream.of(
        new Prompt.Word("don't"),
        new Prompt.Sentence("\"Is it [ours]?\" said Ann; she | I {both} \\ laughed."),
        new Prompt.Pair("hop", "hope"),
        new Prompt.Gap("The gull sat on the ", "ledge", "."),
        new Prompt.Choice("crunch", List.of("ch"), List.of("tch", "t [ch]; |")),
        new Prompt.Sound("eɪ", "", List.of("ai", "a-e"), true),
        new Prompt.Sound("iː", "as in leaf", List.of("ea"), false),
        new Prompt.Card("/eɪ/", "ai; ay"),
        new Prompt.Hunt("iː", "The red kite", List.of("see", "sea")),
        new Prompt.Hunt("", "Find the birds", List.of("gull")),
        new Prompt.Question("The red kite", "Where is it?", List.of("in a tree"), List.of("no")),
        new Prompt.Question("", "Why?", List.of("it is wet"), List.of()),
        new Prompt.Targets(List.of("because", "ledge")));
  }

  @ParameterizedTest
  @MethodSource("all")
  void readsWhatItWrote(Prompt prompt) {
    String kept = PromptCodec.write(prompt);
    assertTrue(kept.startsWith("{\"v\":1,\"is\":\""), kept);
    assertEquals(prompt, PromptCodec.read(kept));
  }

  @Test
  void everyShapeIsTried() {
    Set<Class<?>> tried = all().map(Prompt::getClass).collect(Collectors.toSet());
    assertEquals(Set.of(Prompt.class.getPermittedSubclasses()), tried);
  }

  /** What is on disk must not change without a version: these lines were written by version 1. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '#',
      quoteCharacter = '~',
      value = {
        "{\"v\":1,\"is\":\"word\",\"spelling\":\"ship\"} # ship",
        "{\"v\":1,\"is\":\"sentence\",\"text\":\"A gull.\"} # A gull.",
        "{\"v\":1,\"is\":\"pair\",\"first\":\"hop\",\"second\":\"hope\"} # hop hope",
        "{\"v\":1,\"is\":\"gap\",\"before\":\"A \",\"word\":\"gull\",\"after\":\".\"} # A [gull].",
        "{\"v\":1,\"is\":\"choice\",\"asks\":\"bench\",\"answers\":[\"ch\"],\"others\":[\"tch\"]} # bench [ch | tch]",
        "{\"v\":1,\"is\":\"sound\",\"sound\":\"eɪ\",\"note\":\"\",\"graphemes\":[\"ai\",\"ay\"],\"oneWay\":true} # /eɪ/, one way [ai; ay]",
        "{\"v\":1,\"is\":\"card\",\"front\":\"ai\",\"back\":\"/eɪ/\"} # ai [/eɪ/]",
        "{\"v\":1,\"is\":\"hunt\",\"sound\":\"iː\",\"title\":\"Kites\",\"words\":[\"see\"]} # /iː/ in Kites [see]",
        "{\"v\":1,\"is\":\"question\",\"title\":\"Kites\",\"asked\":\"Where?\",\"answers\":[\"here\"],\"others\":[\"there\"]} # Kites: Where? [here | there]",
        "{\"v\":1,\"is\":\"targets\",\"words\":[\"because\"]} # because"
      })
  void readsWhatVersionOneWrote(String kept, String text) {
    assertEquals(text, PromptCodec.read(kept).text());
    assertEquals(kept, PromptCodec.write(PromptCodec.read(kept)));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "ship",
        "[]",
        "{\"is\":\"word\",\"spelling\":\"ship\"}",
        "{\"v\":99,\"is\":\"word\",\"spelling\":\"ship\"}",
        "{\"v\":1,\"is\":\"riddle\",\"spelling\":\"ship\"}"
      })
  void refusesWhatNoVersionWrote(String kept) {
    assertThrows(IllegalArgumentException.class, () -> PromptCodec.read(kept));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '#',
      value = {
        "/eɪ/, one way [ai; ay] # /eɪ/ # ai; ay",
        "/eɪ/ as in rain [ai] # /eɪ/ as in rain # ai"
      })
  void aSoundIsReadAsItIsTyped(String typed, String brief, String right) {
    Prompt.Sound sound = Prompt.Sound.of(Bracketed.read(typed).orElseThrow());
    assertEquals(typed, sound.text());
    assertEquals(brief, sound.brief());
    assertEquals(right, sound.right());
    assertEquals("eɪ", sound.sound());
  }
}
