package dettato.app.school;

import dettato.app.account.Teacher;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Classes, how they work and who teaches them. */
@RestController
@RequiredArgsConstructor
class ClassController {
  private final Classes classes;
  private final Profiles profiles;

  record NewClass(
      @NotBlank @Size(max = 120) String name,
      @NotBlank String accent,
      @NotNull @Size(max = 60) List<@NotNull String> pupils) {}

  record OtherTeacher(@NotBlank String username) {}

  /** The teacher's classes, oldest first. */
  @GetMapping("/api/classes")
  List<SchoolClass> all(@AuthenticationPrincipal Teacher teacher) {
    return classes.of(teacher);
  }

  /** One class with the children who are in it today. */
  @GetMapping("/api/classes/{id}")
  SchoolClass one(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return classes.find(id, teacher);
  }

  /** Makes a class with its children. */
  @PostMapping("/api/classes")
  @ResponseStatus(HttpStatus.CREATED)
  SchoolClass create(@RequestBody @Valid NewClass made, @AuthenticationPrincipal Teacher teacher) {
    return classes.create(made.name(), made.accent(), made.pupils(), teacher);
  }

  /**
   * How a class works: accent, what is taught, minutes, choices. The same document may be put back.
   */
  @GetMapping("/api/classes/{id}/profile")
  Profile profile(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return profiles.of(classes.find(id, teacher));
  }

  /** Changes how a class works, as the version in the document says it was seen. */
  @PutMapping("/api/classes/{id}/profile")
  Profile keep(
      @PathVariable long id,
      @RequestBody @Valid Profile profile,
      @AuthenticationPrincipal Teacher teacher) {
    return profiles.keep(classes.find(id, teacher), profile);
  }

  /** The names of those who teach a class. */
  @GetMapping("/api/classes/{id}/teachers")
  List<String> teachers(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return classes.teachersOf(id, teacher);
  }

  /** Lets another teacher have the class too. */
  @PostMapping("/api/classes/{id}/teachers")
  List<String> share(
      @PathVariable long id,
      @RequestBody @Valid OtherTeacher other,
      @AuthenticationPrincipal Teacher teacher) {
    classes.share(id, other.username(), teacher);
    return classes.teachersOf(id, teacher);
  }
}
