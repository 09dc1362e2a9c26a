package dettato.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import dettato.plan.TeachingSequence.Ticks;
import dettato.sound.Accent;
import dettato.sound.Accents;
import dettato.word.Lexicon;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A school's own order, line by line, and a class's ticks. */
class OwnOrderTest {
  private static final Accent BRITISH = Accents.of("en-GB");

  private static OwnOrder.Read read(String... lines) {
    List<OwnOrder.Line> all =
        Arrays.stream(lines)
            .map(l -> l.split(",", -1))
            .map(c -> new OwnOrder.Line(0, c[0], c[1], c[2], c[3], c.length > 4 ? c[4] : ""))
            .toList();
    List<OwnOrder.Line> numbered =
        IntStream.range(0, all.size())
            .mapToObj(
                i ->
                    new OwnOrder.Line(
                        i + 2L,
                        all.get(i).step(),
                        all.get(i).grapheme(),
                        all.get(i).sound(),
                        all.get(i).example(),
                        all.get(i).byHeart()))
            .toList();
    return OwnOrder.read(numbered, BRITISH, w -> Lexicon.shipped().find(w, "en-GB"));
  }

  @Test
  void soundsAreWrittenAsIpaOrByNameOrReadFromTheExample() {
    OwnOrder.Read read =
        read("1,s,/s/,sun", ",a,TRAP,", "2,ea,,bread", "2,ea,,", "3,a-e,eɪ,cake", "4,x,ks,fox");
    assertTrue(read.wrong().isEmpty(), read.wrong().toString());
    assertEquals(
        List.of("1 s s", "1 a TRAP", "2 ea DRESS", "2 ea FLEECE", "3 a_e FACE", "4 x k+s"),
        read.sequence().steps().stream().map(s -> s.number() + " " + s.id()).toList());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1,qx,,|'qx' is no grapheme",
        "1,,,|the grapheme is missing",
        "1,ai,k,|ai does not spell /k/ in any word we know; it spells /",
        "1,ai,ʘ,|'ʘ' is no sound here. ai spells /",
        "one,s,,|'one' is no step",
        "0,s,,|'0' is no step",
        "401,s,,|step 401 is beyond 400",
        "1,ai,eɪ,cat|'cat' does not have ai. Give",
        "1,a_e,TRAP,|a-e does not spell",
      })
  void aLineThatCannotBeIsNamed(String line, String says) {
    OwnOrder.Read read = read("1,t,t,ten", line);
    assertEquals(1, read.wrong().size());
    assertEquals(3, read.wrong().get(0).line());
    assertTrue(read.wrong().get(0).reason().contains(says), read.wrong().toString());
  }

  @Test
  void everyWrongLineIsNamedAndTheOrderMustRise() {
    OwnOrder.Read read = read("2,s,s,sun", "1,t,t,ten", "2,s,s,sit", "3,zq,,");
    assertEquals(List.of(3L, 4L, 5L), read.wrong().stream().map(OwnOrder.Wrong::line).toList());
    assertTrue(read.wrong().get(0).reason().contains("step 1 comes after step 2"));
    assertTrue(read.wrong().get(1).reason().contains("stands in line 2 already"));
    assertFalse(read().wrong().isEmpty(), "an empty file is no sequence");
  }

  @Test
  void whatTheSchoolDoesNotNameFollowsInOurOrder() {
    TeachingSequence ours = TeachingSequence.shipped();
    TeachingSequence own = read("1,oa,,boat", "2,sh,,ship").sequence().then(ours);
    assertEquals(ours.steps().size(), own.steps().size());
    assertEquals(List.of("oa GOAT", "sh ʃ", "i KIT"), ids(own).subList(0, 3));
    assertEquals(3, own.steps().get(2).number());
    assertTrue(own.steps().stream().skip(1).allMatch(s -> s.number() >= 1));
  }

  @Test
  void wordsByHeartStandInAColumnOrOnALineOfTheirOwn() {
    OwnOrder.Read read = read("1,s,,,the I", ",t,,", "2,,,,was; of", "4,,,,said");
    assertTrue(read.wrong().isEmpty(), read.wrong().toString());
    assertEquals(List.of("the", "i"), read.sequence().byHeart(1));
    assertEquals(List.of("was", "of"), read.sequence().byHeart(2));
    assertEquals(List.of("said"), read.sequence().byHeart(4));
    assertEquals(2, read.sequence().steps().size());
  }

  @Test
  void aWordByHeartThatIsNoneOrStandsTwiceIsNamed() {
    OwnOrder.Read read = read("1,s,,,the", "2,t,,,qxz", "3,n,,,the");
    assertEquals(List.of(3L, 4L), read.wrong().stream().map(OwnOrder.Wrong::line).toList());
    assertTrue(read.wrong().get(0).reason().contains("'qxz' by heart is no word that we know"));
    assertTrue(read.wrong().get(1).reason().contains("stands in line 2 already"));
  }

  @Test
  void aWordByHeartIsKnownFromItsStepWithTheEndingsThatAreTaught() {
    TeachingSequence own = read("1,s,s,sun", "2,,,,friend", "3,s,z,dogs").sequence();
    var friend = Lexicon.shipped().find("friend", "en-GB").orElseThrow();
    var friends = Lexicon.shipped().find("friends", "en-GB").orElseThrow();
    assertFalse(own.isTaught(friend, 1, BRITISH));
    assertTrue(own.isTaught(friend, 2, BRITISH));
    assertFalse(own.isTaught(friends, 2, BRITISH));
    assertTrue(own.isTaught(friends, 3, BRITISH));
  }

  @Test
  void oursByHeartHoldWhereASchoolNamesNoneAndFollowWhereItDoes() {
    TeachingSequence ours = TeachingSequence.shipped();
    assertEquals(ours.byHeart(), read("1,oa,,boat").sequence().then(ours).byHeart());
    TeachingSequence own = read("1,oa,,boat,said", "2,sh,,ship").sequence().then(ours);
    assertEquals(List.of("said"), own.byHeart(1));
    assertEquals(List.of(), own.byHeart(2));
    assertEquals(ours.byHeart().size(), own.byHeart().size());
  }

  @ParameterizedTest
  @CsvSource({"en-GB", "en-US"})
  void ourOwnOrderCanBeReadAgain(String accent) {
    List<OwnOrder.Line> lines =
        TeachingSequence.shipped().steps().stream()
            .map(
                s ->
                    new OwnOrder.Line(
                        1,
                        String.valueOf(s.number()),
                        s.grapheme().text(),
                        s.sound().toString(),
                        s.example(),
                        ""))
            .toList();
    OwnOrder.Read read =
        OwnOrder.read(lines, Accents.of(accent), w -> Lexicon.shipped().find(w, accent));
    assertEquals(List.of(), read.wrong());
    assertEquals(ids(TeachingSequence.shipped()), ids(read.sequence()));
  }

  private static List<String> ids(TeachingSequence sequence) {
    return sequence.steps().stream().map(TeachingSequence.Step::id).toList();
  }

  @Test
  void aTickIsTaughtAheadOrWaits() {
    TeachingSequence ours = TeachingSequence.shipped();
    var cake = Lexicon.shipped().find("cake", "en-GB").orElseThrow();
    var it = Lexicon.shipped().find("it", "en-GB").orElseThrow();
    int step = 6;
    assertEquals(
        List.of("a_e"),
        ours.untaught(cake, step, BRITISH).stream().filter(g -> g.equals("a_e")).toList());
    TeachingSequence ticked = ours.with(new Ticks(Set.of("a_e FACE"), Set.of("i KIT")), step);
    assertFalse(ticked.untaught(cake, step, BRITISH).contains("a_e"));
    assertEquals(List.of("i"), ticked.untaught(it, step, BRITISH));
    assertTrue(ticked.untaught(it, step + 1, BRITISH).isEmpty());
    assertEquals(ours, ours.with(Ticks.NONE, step));
  }
}
