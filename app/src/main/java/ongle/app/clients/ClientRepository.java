package ongle.app.clients;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Clients as stored. */
public interface ClientRepository extends JpaRepository<Client, Long> {
  Optional<Client> findByFormKey(UUID formKey);

  @Query(
      "select c from Client c where lower(c.name) like lower(concat('%', :part, '%')) or c.phone like concat('%', :part, '%') order by c.name")
  List<Client> find(String part);

  /** Those with a set on their hands. */
  @Query(
      "select c from Client c where c.id in"
          + " (select s.clientId from NailSet s where s.wornUntil is not null)")
  List<Client> wearing();

  @Query("select c from Client c where c.id in :ids")
  List<Client> among(Collection<Long> ids);
}
