package ongle.app.consent;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ConsentRepository extends JpaRepository<Consent, Long> {
  List<Consent> findByClientIdOrderByIdDesc(long clientId);

  boolean existsByFormKey(UUID formKey);

  @Query(
      """
      select count(c) from Consent c where c.kind = :kind and c.withdrawnAt is null
      and c.clientId = (select s.clientId from NailSet s where s.id = :setId)
      """)
  long standing(Agreement kind, long setId);
}
