package dettato.app.template;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import dettato.activity.Activities;
import dettato.app.account.Teacher;
import dettato.app.problem.Problem;
import dettato.session.Template;
import dettato.session.TemplateBook;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lombok.RequiredArgsConstructor;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Our templates and the school's own; what one teacher makes, every teacher may use. */
@Service
@RequiredArgsConstructor
public class Templates {
  private static final String OWN = "own-";
  private static final TypeReference<List<Template.Quota>> QUOTAS = new TypeReference<>() {};

  private final OwnTemplateRows rows;
  private final Activities book;
  private final ObjectMapper json;
  private final Clock clock;

  /** What a teacher wants a template to be. */
  public record TemplateWish(String name, int minutes, List<Template.Quota> blocks) {
    public TemplateWish {
      blocks = List.copyOf(blocks);
    }
  }

  /** Ours, then the school's own, oldest first. */
  @Transactional(readOnly = true)
  public List<Template> all() {
    return Stream.concat(
            TemplateBook.shipped().stream(),
            rows.findAll(Sort.by("id")).stream().map(this::template))
        .toList();
  }

  /**
   * The template with this id.
   *
   * @throws dettato.input.Unacceptable naming those of ours that there are
   */
  @Transactional(readOnly = true)
  public Template of(String id) {
    return ownId(id)
        .flatMap(rows::findById)
        .map(this::template)
        .orElseGet(() -> TemplateBook.of(id));
  }

  /** Whether it is still there. */
  @Transactional(readOnly = true)
  public boolean has(String id) {
    return all().stream().anyMatch(t -> t.id().equals(id));
  }

  /** Keeps a new one. */
  @Transactional
  public Template make(TemplateWish wish, Teacher teacher) {
    return template(
        rows.saveAndFlush(
            new OwnTemplateRow(
                teacher.id(), clock.instant(), wish.name.strip(), wish.minutes, written(wish))));
  }

  /**
   * Changes one: whoever made it may, and a lead.
   *
   * @throws Problem 404 when it is not there, or is one of ours
   */
  @Transactional
  Template change(String id, TemplateWish wish, Teacher teacher) {
    OwnTemplateRow row = own(id, teacher);
    row.become(wish.name.strip(), wish.minutes, written(wish));
    return template(rows.saveAndFlush(row));
  }

  /** Takes one away; sessions made from it stay. */
  @Transactional
  void remove(String id, Teacher teacher) {
    rows.delete(own(id, teacher));
  }

  private OwnTemplateRow own(String id, Teacher teacher) {
    OwnTemplateRow row =
        ownId(id)
            .flatMap(rows::findById)
            .orElseThrow(
                () ->
                    Problem.notFound(
                        "There is no template of the school's own '"
                            + id
                            + "'. Ours stay as they are: make one of your own from a session."));
    if (row.accountId() != teacher.id()) {
      teacher.mustLead("change what a colleague made");
    }
    return row;
  }

  private String written(TemplateWish wish) {
    wish.blocks.forEach(this::mustFit);
    try {
      return json.writeValueAsString(wish.blocks);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("a template could not be written as JSON", e);
    }
  }

  private void mustFit(Template.Quota quota) {
    int most = book.of(quota.kind()).traits().most();
    if (quota.count() < 1 || quota.count() > most) {
      throw Problem.badRequest(
          "%s: 1 to %d in one block, not %d."
              .formatted(book.of(quota.kind()).title(), most, quota.count()));
    }
  }

  private Template template(OwnTemplateRow row) {
    try {
      return new Template(
          OWN + row.id(),
          row.name(),
          "made in this school",
          row.minutes(),
          json.readValue(row.blocks(), QUOTAS));
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("a stored template is no JSON: " + row.blocks(), e);
    }
  }

  private static Optional<Long> ownId(String id) {
    return id.matches(OWN + "\\d{1,18}")
        ? Optional.of(Long.parseLong(id.substring(OWN.length())))
        : Optional.empty();
  }
}
