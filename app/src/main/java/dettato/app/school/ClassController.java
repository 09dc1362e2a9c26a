package dettato.app.school;

import dettato.app.account.Teacher;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Classes. */
@RestController
class ClassController {
  private final Classes classes;

  ClassController(Classes classes) {
    this.classes = classes;
  }

  record NewClass(
      @NotBlank @Size(max = 120) String name,
      @NotBlank String accent,
      @NotNull @Size(max = 60) List<String> pupils) {}

  @GetMapping("/api/classes")
  List<SchoolClass> all(@AuthenticationPrincipal Teacher teacher) {
    return classes.of(teacher);
  }

  @GetMapping("/api/classes/{id}")
  SchoolClass one(@PathVariable long id, @AuthenticationPrincipal Teacher teacher) {
    return classes.find(id, teacher);
  }

  @PostMapping("/api/classes")
  @ResponseStatus(HttpStatus.CREATED)
  SchoolClass create(@RequestBody @Valid NewClass made, @AuthenticationPrincipal Teacher teacher) {
    return classes.create(made.name(), made.accent(), made.pupils(), teacher);
  }
}
