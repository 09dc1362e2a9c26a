package dettato.app.account;

import dettato.app.problem.Problem;
import java.io.Serializable;

/** Who is logged in. */
public record Teacher(long id, String name, Role role) implements Serializable {

  /**
   * @param what the thing only a lead may do, in words
   * @throws Problem 403 for anybody else
   */
  public void mustLead(String what) {
    if (role != Role.LEAD) {
      throw Problem.forbidden(
          "Only whoever looks after Dettato at your school may " + what + ". Ask them.");
    }
  }
}
