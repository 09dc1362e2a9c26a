package dettato.app.session;

import dettato.activity.Needs;
import dettato.app.language.UnitView;
import dettato.app.session.CandidateController.Candidate;
import dettato.app.session.CandidateController.CandidateGroup;
import dettato.app.session.CandidateController.Candidates;
import dettato.choose.Material;
import dettato.choose.Task;
import dettato.choose.Wanted;
import dettato.find.RivalChooser;
import dettato.focus.Focus;
import dettato.focus.FocusAt;
import dettato.plan.Choice;
import dettato.rule.Condition;
import dettato.rule.RuleBook;
import dettato.word.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Words that fit a focus, by the reason why: the condition of a rule, or a grapheme. */
record CandidateWords(Material material, Needs needs, boolean taught, int beats)
    implements Focus.Cases<Candidates> {
  private static final int SHOWN = 14;

  @Override
  public Candidates rule(String id) {
    Map<Condition, List<Choice>> byCondition =
        material.chooser().candidates(id, material.step()).stream()
            .filter(c -> !taught || c.isTaught())
            .filter(c -> fits(c.word()))
            .collect(Collectors.groupingBy(c -> c.at().condition()));
    List<CandidateGroup> groups = new ArrayList<>();
    for (Condition condition : RuleBook.of(id).conditions()) {
      List<Choice> choices =
          byCondition.getOrDefault(condition, List.of()).stream()
              .sorted(
                  Comparator.<Choice>comparingInt(c -> c.word().commonness())
                      .thenComparingInt(c -> c.word().cut().size()))
              .toList();
      if (!choices.isEmpty()) {
        groups.add(group(condition, choices));
      }
    }
    groups.sort(Comparator.comparingInt(g -> -g.children()));
    return all(groups);
  }

  private boolean fits(Word word) {
    return beats == 0 || word.cut().beats() == beats;
  }

  private CandidateGroup group(Condition condition, List<Choice> choices) {
    Choice first = choices.get(0);
    int children =
        needs.broken().stream()
            .filter(b -> b.condition().equals(condition.id()))
            .mapToInt(Needs.Broken::children)
            .sum();
    return new CandidateGroup(
        condition.id(),
        condition.side(),
        condition.says(),
        first.word().cut().unit(first.at().unit()).grapheme().text(),
        children,
        choices.size(),
        choices.stream()
            .limit(SHOWN)
            .map(c -> candidate(c.word(), c.at().unit(), c.untaught()))
            .toList());
  }

  @Override
  public Candidates rivals(String sound, List<String> graphemes) {
    Focus focus = new Focus.Rivals(sound, graphemes);
    return all(
        graphemes.stream()
            .map(
                g -> {
                  List<Candidate> words =
                      material
                          .rivals()
                          .choose(
                              new RivalChooser.Request(
                                  sound,
                                  List.of(g),
                                  SHOWN,
                                  taught ? material.step() : -1,
                                  Set.of(),
                                  0))
                          .stream()
                          .filter(this::fits)
                          .sorted(Comparator.comparingInt(Word::rank))
                          .map(w -> candidate(w, at(focus, w), untaught(w)))
                          .toList();
                  String says = "/" + sound + "/ is spelled " + g.replace('_', '-');
                  return new CandidateGroup(null, null, says, g, 0, words.size(), words);
                })
            .filter(g -> !g.words().isEmpty())
            .toList());
  }

  private int at(Focus focus, Word word) {
    return FocusAt.of(focus, word, material.accent()).map(FocusAt::unit).orElse(-1);
  }

  @Override
  public Candidates irregular() {
    List<Task> tasks =
        material
            .tasks()
            .irregulars()
            .make(
                Wanted.of(Optional.of(new Focus.Irregular()), 2 * SHOWN, needs.secure(), 0),
                material);
    List<Candidate> words =
        tasks.stream()
            .map(t -> material.word().apply(t.text()))
            .filter(this::fits)
            .map(w -> candidate(w, w.irregular().stream().findFirst().orElse(-1), List.of()))
            .toList();
    return all(
        List.of(
            new CandidateGroup(null, null, "not known by heart yet", "", 0, words.size(), words)));
  }

  private List<String> untaught(Word word) {
    return material.sequence().untaught(word, material.step(), material.accent());
  }

  private Candidate candidate(Word word, int focus, List<String> untaught) {
    return new Candidate(
        word.spelling(), UnitView.of(word.cut(), material.accent()), focus, word.clue(), untaught);
  }

  private static Candidates all(List<CandidateGroup> groups) {
    return new Candidates(groups, groups.stream().mapToInt(CandidateGroup::total).sum());
  }
}
