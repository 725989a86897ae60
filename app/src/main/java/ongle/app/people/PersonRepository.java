package ongle.app.people;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Who works in the salon. */
interface PersonRepository extends JpaRepository<Person, Long> {
  List<Person> findByPutAwayFalseOrderByName();

  Optional<Person> findByFormKey(UUID formKey);

  long countByRoleAndPutAwayFalse(Role role);
}
