package dettato.app.template;

import dettato.activity.Item;
import dettato.app.account.Teacher;
import dettato.session.Template;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The ways to fill a session. */
@RestController
@RequiredArgsConstructor
class TemplateController {
  private final Templates templates;

  /**
   * How many items of a kind.
   *
   * @param role FOCUS when it is not said
   * @param day 1 when it is not said
   */
  record WishedBlock(
      @NotBlank String kind,
      @Min(1) @Max(60) int count,
      Item.@Nullable Role role,
      @Nullable @Min(1) @Max(2) Integer day) {
    Template.Quota quota() {
      return new Template.Quota(
          kind, count, role == null ? Item.Role.FOCUS : role, day == null ? 1 : day);
    }
  }

  record WishedTemplate(
      @NotBlank @Size(max = 60) String name,
      @Min(5) @Max(90) int minutes,
      @NotEmpty @Size(max = 20) List<@Valid @NotNull WishedBlock> blocks) {
    Templates.TemplateWish wish() {
      return new Templates.TemplateWish(
          name, minutes, blocks.stream().map(WishedBlock::quota).toList());
    }
  }

  /** Ours first, the plain one before the others. */
  @GetMapping("/api/templates")
  List<Template> all() {
    return templates.all();
  }

  /** Makes a template of the school's own. */
  @PostMapping("/api/templates")
  @ResponseStatus(HttpStatus.CREATED)
  Template make(
      @RequestBody @Valid WishedTemplate wished, @AuthenticationPrincipal Teacher teacher) {
    return templates.make(wished.wish(), teacher);
  }

  /** Changes a template of the school's own: whoever made it may, and a lead. */
  @PutMapping("/api/templates/{id}")
  Template change(
      @PathVariable String id,
      @RequestBody @Valid WishedTemplate wished,
      @AuthenticationPrincipal Teacher teacher) {
    return templates.change(id, wished.wish(), teacher);
  }

  /** Takes a template of the school's own away; sessions made from it stay. */
  @DeleteMapping("/api/templates/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable String id, @AuthenticationPrincipal Teacher teacher) {
    templates.remove(id, teacher);
  }
}
