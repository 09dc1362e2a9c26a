package dettato.app.session;

import com.fasterxml.jackson.annotation.JsonInclude;
import dettato.activity.Activities;
import dettato.activity.Activity;
import dettato.activity.Item;
import dettato.activity.Needs;
import dettato.activity.Request;
import dettato.activity.Traits.Trait;
import dettato.app.account.Teacher;
import dettato.app.language.UnitView;
import dettato.app.need.ClassNeeds;
import dettato.app.need.Lately;
import dettato.app.school.Classes;
import dettato.app.school.SchoolClass;
import dettato.app.terms.Prose;
import dettato.app.text.Materials;
import dettato.rule.Side;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What may go into a block: words that fit a focus, and items of any kind, filled anew. */
@RestController
@RequiredArgsConstructor
class CandidateController {
  private final Classes classes;
  private final Materials materials;
  private final ClassNeeds needs;
  private final Lately lately;
  private final SessionReader sessions;
  private final Activities book;
  private final Clock clock;

  /**
   * A word that fits.
   *
   * @param focus index of the unit that has what is asked
   */
  record Candidate(
      String word, List<UnitView> units, int focus, String clue, List<String> untaught) {}

  /**
   * Words that fit for one reason.
   *
   * @param condition of a rule, null for a grapheme
   * @param says the reason, once for all
   * @param due what is due in them
   * @param children how many break the condition
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record CandidateGroup(
      @Nullable String condition,
      @Nullable Side side,
      @Prose String says,
      String due,
      int children,
      int total,
      List<Candidate> words) {}

  record Candidates(List<CandidateGroup> groups, int total) {}

  /**
   * @param without texts not to be taken
   * @param role what they are for; FOCUS when it is not said
   * @param session they go into: nothing that sessions around it ask is taken, and what is broken
   *     by its children comes first; null for any
   */
  record WantedItems(
      @NotBlank String kind,
      @NotEmpty List<@Valid @NotNull FocusView> focus,
      @Min(1) @Max(60) int count,
      @NotNull Set<@NotNull String> without,
      Item.@Nullable Role role,
      @Nullable Long session,
      long seed) {}

  /** An item to put on a sheet, and why it was chosen. */
  record FilledItem(String text, String asks, String right, Item.Role role, @Prose String why) {}

  /** Words that fit a focus, by the reason why: a condition of the rule, or a grapheme. */
  @GetMapping("/api/classes/{id}/candidates")
  Candidates candidates(
      @PathVariable long id,
      @RequestParam(required = false) @Nullable String rule,
      @RequestParam(required = false) @Nullable String sound,
      @RequestParam(required = false) @Nullable List<String> graphemes,
      @RequestParam(required = false) @Nullable Boolean irregular,
      @RequestParam(defaultValue = "true") boolean taught,
      @RequestParam(defaultValue = "0") int beats,
      @AuthenticationPrincipal Teacher teacher) {
    SchoolClass of = classes.find(id, teacher);
    Needs asked = needs.of(of, Set.of(), LocalDate.now(clock), 0);
    return new FocusView(rule, sound, graphemes, irregular, null)
        .focus()
        .read(new CandidateWords(materials.of(of), asked, taught, beats));
  }

  /** Items for a block, in an order nobody can guess. */
  @PostMapping("/api/classes/{id}/fill")
  List<FilledItem> fill(
      @PathVariable long id,
      @RequestBody @Valid WantedItems wanted,
      @AuthenticationPrincipal Teacher teacher) {
    SchoolClass of = classes.find(id, teacher);
    Activity kind = book.of(wanted.kind());
    Set<String> without = new HashSet<>(wanted.without());
    Needs asked = Needs.NONE;
    Item.Role role = wanted.role() == null ? Item.Role.FOCUS : wanted.role();
    List<String> soFar = List.of();
    if (wanted.session() != null) {
      SheetView.SessionView session = sessions.find(wanted.session(), teacher);
      asked = needs.of(of, session.pupils(), session.date(), wanted.count());
      soFar = readBack(session);
      if (role != Item.Role.REVIEW) {
        Set<String> recent = new HashSet<>(lately.recent(id, session.date(), session.id()));
        recent.removeIf(t -> kind.traits().has(Trait.MAY_REPEAT) && t.indexOf(' ') < 0);
        without.addAll(recent);
      }
    }
    Request request =
        new Request(
            wanted.focus().stream().map(FocusView::focus).toList(),
            wanted.count(),
            without,
            role,
            asked,
            soFar,
            false,
            wanted.seed());
    return kind.fill(request, materials.of(of)).stream()
        .map(
            i -> new FilledItem(i.text(), i.prompt().asks(), i.prompt().right(), i.role(), i.why()))
        .toList();
  }

  /** The words and sentences of a session, for blocks that are made of them. */
  private List<String> readBack(SheetView.SessionView session) {
    return session.blocks().stream()
        .filter(b -> book.of(b.kind()).traits().has(Trait.READ_BACK))
        .flatMap(b -> b.items().stream().flatMap(i -> book.of(b.kind()).words(i.prompt()).stream()))
        .toList();
  }
}
