package ongle.app.photo;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import ongle.app.consent.Consents;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.web.NotFound;
import ongle.app.words.Words;
import ongle.core.Memo;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;
import ongle.core.photo.Spot;
import ongle.core.plan.NailPlan;
import ongle.core.trace.Pixels;
import ongle.core.trace.TraceFit;
import ongle.core.trace.TraceTrouble;
import ongle.core.trace.Traced;
import ongle.core.trace.Tracer;
import ongle.core.trace.View;
import ongle.core.trace.View.Curve;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pictures of built nails: taken in, traced, measured, and kept or forgotten. */
@Service
class TraceDesk {
  /** Longest side while a nail is traced, px: a nail fills the picture. */
  private static final int LONGEST = 2000;

  /** Pictures nobody keeps are forgotten after this many hours. */
  private static final int FORGOTTEN_AFTER_HOURS = 24;

  /** A picture by what it is kept under: kept smaller, it is another. */
  private record Shot(Long id, int width) {}

  /** Decoded pictures kept at hand: three of a nail, for two desks. */
  private final Memo<Shot, Pixels> pixels = new Memo<>(6);

  private static final int NAILS_AT_HAND = 40;

  /** What nails came to last: where the next search begins, and no more. */
  private final Map<Long, Traced> last =
      Collections.synchronizedMap(
          new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<Long, Traced> eldest) {
              return size() > NAILS_AT_HAND;
            }
          });

  private final NailPictureRepository pictures;
  private final Consents consents;
  private final SetReader reader;
  private final SetEditor sets;
  private final Clock clock;

  TraceDesk(
      NailPictureRepository pictures,
      Consents consents,
      SetReader reader,
      SetEditor sets,
      Clock clock) {
    this.pictures = pictures;
    this.consents = consents;
    this.reader = reader;
    this.sets = sets;
    this.clock = clock;
  }

  /**
   * What the pictures of a nail came to.
   *
   * @param traced empty while nothing is marked, or where the marks cannot be right
   * @param trouble with marks or points, in words
   * @param sound whether it can be taken over
   */
  record Outcome(Optional<Traced> traced, Optional<String> trouble, boolean sound) {
    static final Outcome NOTHING = new Outcome(Optional.empty(), Optional.empty(), false);
  }

  /** Pictures nobody kept go after a day, whether or not another is taken. */
  @Scheduled(fixedDelay = 10, timeUnit = TimeUnit.MINUTES)
  @Transactional
  public void forgetOld() {
    pictures.deleteAll(
        pictures.findByKeptFalseAndTakenAtBefore(
            LocalDateTime.now(clock).minusHours(FORGOTTEN_AFTER_HOURS)));
  }

  @Needs(Right.HANDS)
  @Transactional(readOnly = true)
  public Map<View, NailPicture> of(long setId, Finger finger) {
    Map<View, NailPicture> all = new EnumMap<>(View.class);
    pictures.findBySetIdAndFinger(setId, finger).forEach(each -> all.put(each.getView(), each));
    all.values().forEach(NailPicture::getJpeg);
    return all;
  }

  /** Puts a picture in the place of the one before. */
  @Needs(Right.HANDS)
  @Transactional
  public void takeIn(long setId, Finger finger, View view, Picture picture) throws IOException {
    consents.mindPictures(setId);
    pictures.findBySetIdAndFingerAndView(setId, finger, view).ifPresent(pictures::delete);
    pictures.flush();
    pictures.save(
        new NailPicture(
            setId,
            finger,
            view,
            LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS),
            picture.smaller(LONGEST)));
  }

  /**
   * Sets or moves a mark; the edges are looked for once a picture has all its marks, and anew when
   * one of those moves.
   *
   * @param snap whether a point on an edge is drawn to it
   */
  @Needs(Right.HANDS)
  @Transactional
  public void mark(long setId, Finger finger, View view, String name, Spot at, boolean snap) {
    NailPicture picture = picture(setId, finger, view);
    Optional<Curve> curve = NailPicture.curve(known(view, name));
    picture.mark(name, snap && curve.isPresent() ? snapped(setId, picture, curve.get(), at) : at);
    if (curve.isEmpty() && picture.isMarked()) {
      trace(setId, finger);
    }
  }

  /** By what the pictures came to last: a point more or less turns no edge. */
  private Spot snapped(long setId, NailPicture picture, Curve curve, Spot at) {
    Map<View, NailPicture> all = of(setId, picture.getFinger());
    return all.values().stream()
        .filter(NailPicture::isMarked)
        .findFirst()
        .map(first -> last.get(first.getId()))
        .or(() -> outcome(reader.planned(setId).of(picture.getFinger()), all).traced())
        .filter(now -> !now.line(picture.getView(), curve).isEmpty())
        .map(now -> Tracer.snapped(now, picture.getView(), curve, pixels(picture), at))
        .orElse(at);
  }

  @Needs(Right.HANDS)
  @Transactional
  public void unmark(long setId, Finger finger, View view, String name) {
    picture(setId, finger, view).unmark(known(view, name));
  }

  /** Looks for the edges in all pictures of a nail; what the technician set stays. */
  @Needs(Right.HANDS)
  @Transactional
  public void trace(long setId, Finger finger) {
    NailPlan plan = reader.planned(setId).of(finger);
    List<NailPicture> all =
        pictures.findBySetIdAndFinger(setId, finger).stream()
            .filter(NailPicture::isMarked)
            .toList();
    try {
      all.stream()
          .filter(each -> each.traced(false).isEmpty())
          .forEach(each -> trace(plan, all, each));
      if (all.size() > 1) {
        // Each picture helps to see the others.
        all.forEach(each -> trace(plan, all, each));
      }
    } catch (TraceTrouble trouble) {
      // Said where the figures stand; the marks stay to be moved.
    }
  }

  private void trace(NailPlan plan, List<NailPicture> all, NailPicture which) {
    List<TraceFit.Picture> traced =
        all.stream()
            .filter(each -> each == which || !each.traced(false).isEmpty())
            .map(NailPicture::asTraced)
            .toList();
    which.trace(Tracer.trace(plan, traced, which.getView(), pixels(which), which.traced(true)));
  }

  private Pixels pixels(NailPicture picture) {
    return pixels.of(
        new Shot(picture.getId(), picture.getWidth()),
        () -> {
          try {
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(picture.getJpeg()));
            int width = image.getWidth();
            int height = image.getHeight();
            return new Pixels(width, height, image.getRGB(0, 0, width, height, null, 0, width));
          } catch (IOException e) {
            throw new UncheckedIOException(e);
          }
        });
  }

  Outcome outcome(NailPlan plan, Map<View, NailPicture> pictures) {
    List<NailPicture> complete = pictures.values().stream().filter(NailPicture::isMarked).toList();
    if (complete.isEmpty()) {
      return Outcome.NOTHING;
    }
    List<TraceFit.Picture> marked = complete.stream().map(NailPicture::asTraced).toList();
    Long first = complete.get(0).getId();
    try {
      Traced traced = TraceFit.of(plan, marked, Optional.ofNullable(last.get(first)));
      last.put(first, traced);
      try {
        TraceFit.checkTraced(traced, marked);
        return new Outcome(Optional.of(traced), Optional.empty(), true);
      } catch (TraceTrouble trouble) {
        return new Outcome(Optional.of(traced), Optional.of(Words.of(trouble.why())), false);
      }
    } catch (TraceTrouble trouble) {
      return new Outcome(Optional.empty(), Optional.of(Words.of(trouble.why())), false);
    }
  }

  @Needs(Right.HANDS)
  @Transactional
  public void forget(long setId, Finger finger, View view) {
    pictures.delete(picture(setId, finger, view));
  }

  /**
   * Writes what the pictures tell into the check; what was typed or taken by calliper stays.
   *
   * @param keep whether the pictures stay with the visit, smaller; else they are forgotten
   * @return whether there was anything sound to write
   */
  @Needs(Right.HANDS)
  @Transactional
  public boolean takeOver(long setId, Finger finger, boolean keep, String by) {
    PlannedSet planned = reader.planned(setId);
    Map<View, NailPicture> all = of(setId, finger);
    Outcome outcome = outcome(planned.of(finger), all);
    if (!outcome.sound()) {
      return false;
    }
    Map<Quantity, Double> shown = new EnumMap<>(Quantity.class);
    outcome
        .traced()
        .ifPresent(
            traced ->
                traced
                    .values()
                    .forEach((q, value) -> shown.put(q, q.rounded(q.range().held(value)))));
    sets.make(setId, Change.measuredInPicture(Map.of(finger, shown), by.isBlank() ? null : by));
    all.values()
        .forEach(
            picture -> {
              if (keep) {
                keep(picture);
              } else {
                pictures.delete(picture);
              }
            });
    return true;
  }

  private static void keep(NailPicture picture) {
    try {
      picture.keepSmaller(picture.picture().smaller(Picture.LONGEST_KEPT));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String known(View view, String name) {
    if (!NailPicture.knows(view, name)) {
      throw new NotFound("mark " + name);
    }
    return name;
  }

  private NailPicture picture(long setId, Finger finger, View view) {
    return pictures
        .findBySetIdAndFingerAndView(setId, finger, view)
        .orElseThrow(() -> new NotFound("picture of " + Words.of(finger)));
  }
}
