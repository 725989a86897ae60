package ongle.app.people;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who works in the salon. */
@Service
public class People {
  /** As long as a name may be. */
  public static final int LONGEST_NAME = 60;

  private final TechnicianRepository technicians;

  People(TechnicianRepository technicians) {
    this.technicians = technicians;
  }

  /** Those who work here now, by name. */
  @Transactional(readOnly = true)
  public List<Technician> all() {
    return technicians.findByPutAwayFalseOrderByName();
  }

  /** Whether there is or was somebody of that id. */
  @Transactional(readOnly = true)
  public boolean knows(long id) {
    return technicians.existsById(id);
  }

  /** Adds somebody; the same form key adds them once. */
  @Transactional
  public Technician add(UUID formKey, String name) {
    return technicians
        .findByFormKey(formKey)
        .orElseGet(() -> technicians.save(new Technician(formKey, name.strip())));
  }

  /** Who has left is asked about no more; what they did stays. */
  @Transactional
  public void gone(long id) {
    technicians.findById(id).ifPresent(technician -> technician.putAway(true));
  }
}
