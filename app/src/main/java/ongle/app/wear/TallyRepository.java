package ongle.app.wear;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** What is known of worn nails added up, as stored. */
interface TallyRepository extends JpaRepository<Tally, Long> {
  @Query(
      "select t from Tally t where t.tenth = :tenth and t.product = :product and t.shape = :shape"
          + " and t.way = :way and t.technician = :technician and t.leftOut = :leftOut"
          + " and t.beyond = :beyond")
  Optional<Tally> of(
      int tenth,
      String product,
      String shape,
      String way,
      String technician,
      boolean leftOut,
      int beyond);
}
