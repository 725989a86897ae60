package ongle.app.door;

import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import ongle.app.people.Needs;
import ongle.app.people.Present;
import ongle.app.people.Right;
import ongle.app.people.Tokens;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Programs that may ask the plan service. Each has a token, shown once and kept only as its hash; a
 * token opens the plan service and nothing else.
 */
@Service
class Programs {
  private final ProgramRepository programs;

  Programs(ProgramRepository programs) {
    this.programs = programs;
  }

  @Needs(Right.SALON)
  @Transactional(readOnly = true)
  public List<Program> all() {
    return programs.findByGoneFalseOrderById();
  }

  /**
   * Lets a program in.
   *
   * @return its token, which nobody can look up again
   */
  @Needs(Right.SALON)
  @Transactional
  public String letIn(String name) {
    String token = "ongle_" + Tokens.made();
    programs.save(new Program(name.strip(), Tokens.hash(token), Present.called(), now()));
    return token;
  }

  /** From now on its token opens nothing. */
  @Needs(Right.SALON)
  @Transactional
  public void shutOut(long id) {
    programs.findById(id).ifPresent(Program::shutOut);
  }

  /** What the program with this token is called; empty if there is none. */
  @Transactional(readOnly = true)
  public Optional<String> known(String token) {
    return programs.findByHashAndGoneFalse(Tokens.hash(token)).map(Program::getName);
  }

  private static LocalDateTime now() {
    return LocalDateTime.now().truncatedTo(ChronoUnit.SECONDS);
  }
}
