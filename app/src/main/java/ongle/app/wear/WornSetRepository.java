package ongle.app.wear;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import ongle.core.cause.Finding;
import ongle.core.nail.Finger;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Worn sets, as stored. */
interface WornSetRepository extends JpaRepository<WornSet, Long> {
  @Query(
      "select w from WornSet w where w.setId in"
          + " (select s.id from NailSet s where s.wornUntil is not null)")
  List<WornSet> onHands();

  /** A set a lot went into. */
  record LotSet(
      long setId,
      long clientId,
      String client,
      String phone,
      LocalDateTime built,
      LocalDate wornUntil,
      Integer failed) {}

  @Query(
      "select distinct new ongle.app.wear.WornSetRepository$LotSet(s.id, c.id, c.name, c.phone,"
          + " s.createdAt, s.wornUntil, w.failed) from LotUse u join NailSet s on s.id = u.setId"
          + " join Client c on c.id = s.clientId left join WornSet w on w.setId = s.id"
          + " where u.material = :material and u.number = :number order by s.createdAt desc")
  List<LotSet> ofLot(String material, String number);

  /** What fails again and again at one place of one client. */
  record Again(
      long clientId,
      String client,
      Finger finger,
      Finding.Kind kind,
      Finding.Place place,
      long sets,
      long last) {}

  @Query(
      "select new ongle.app.wear.WornSetRepository$Again(c.id, c.name, n.finger, n.kind, n.place,"
          + " count(distinct n.setId), max(n.setId)) from WearNote n join NailSet s on s.id ="
          + " n.setId join Client c on c.id = s.clientId where n.kind in (LIFTING, CRACK,"
          + " CHIP, BREAK, POP_OFF, TIP_OFF, PLATE_TORN, CLOUDED)"
          + " group by c.id, c.name, n.finger, n.kind, n.place having count(distinct n.setId) > 2"
          + " order by count(distinct n.setId) desc, c.name")
  List<Again> again();
}
