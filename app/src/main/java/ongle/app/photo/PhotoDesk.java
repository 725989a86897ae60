package ongle.app.photo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import ongle.app.consent.Consents;
import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.NotFound;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.Hand;
import ongle.core.nail.Quantity;
import ongle.core.photo.Card;
import ongle.core.photo.MarkTrouble;
import ongle.core.photo.PhotoMeasure;
import ongle.core.photo.Spot;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pictures of hands: taken in, marked, measured, and kept or forgotten. */
@Service
class PhotoDesk {
  /** A picture nobody keeps is forgotten after this many hours. */
  private static final int FORGOTTEN_AFTER_HOURS = 24;

  private final HandPhotoRepository photos;
  private final Consents consents;
  private final SetEditor sets;
  private final Clock clock;

  PhotoDesk(HandPhotoRepository photos, Consents consents, SetEditor sets, Clock clock) {
    this.photos = photos;
    this.consents = consents;
    this.sets = sets;
    this.clock = clock;
  }

  /** What a nail came to: a measure, or why there is none yet. */
  record Outcome(Optional<PhotoMeasure> measure, Optional<String> trouble) {
    static final Outcome NOT_MARKED = new Outcome(Optional.empty(), Optional.empty());
  }

  /** Pictures nobody kept go after a day, whether or not another is taken. */
  @Scheduled(fixedDelay = 10, timeUnit = TimeUnit.MINUTES)
  @Transactional
  public void forgetOld() {
    photos.deleteAll(
        photos.findByKeptFalseAndTakenAtBefore(
            LocalDateTime.now(clock).minusHours(FORGOTTEN_AFTER_HOURS)));
  }

  @Needs(Right.HANDS)
  @Transactional(readOnly = true)
  Optional<HandPhoto> find(long setId, Hand hand) {
    Optional<HandPhoto> photo = photos.findBySetIdAndHand(setId, hand);
    photo.ifPresent(HandPhoto::getJpeg);
    return photo;
  }

  /** Puts a picture in the place of the one before. */
  @Needs(Right.HANDS)
  @Transactional
  void takeIn(long setId, Hand hand, Picture picture) {
    consents.mindPictures(setId);
    LocalDateTime now = LocalDateTime.now(clock);
    photos.findBySetIdAndHand(setId, hand).ifPresent(photos::delete);
    photos.flush();
    photos.save(new HandPhoto(setId, hand, now.truncatedTo(ChronoUnit.SECONDS), picture));
  }

  /**
   * @param name of the mark; refused if there is no such one
   */
  @Needs(Right.HANDS)
  @Transactional
  void mark(long setId, Hand hand, String name, Spot at) {
    photo(setId, hand).mark(known(hand, name), at);
  }

  @Needs(Right.HANDS)
  @Transactional
  void unmark(long setId, Hand hand, String name) {
    photo(setId, hand).unmark(known(hand, name));
  }

  @Needs(Right.HANDS)
  @Transactional
  void cardOnTable(long setId, Hand hand, boolean onTable) {
    photo(setId, hand).cardOnTable(onTable);
  }

  @Needs(Right.HANDS)
  @Transactional
  void forget(long setId, Hand hand) {
    photos.delete(photo(setId, hand));
  }

  /**
   * Writes every nail measured in the picture onto the sheet; what was typed or taken by calliper
   * stays.
   *
   * @param keep whether the picture stays with the visit, smaller; else it is forgotten
   */
  @Needs(Right.HANDS)
  @Transactional
  void takeOver(long setId, Hand hand, boolean keep, String by) {
    HandPhoto photo = photo(setId, hand);
    Map<Finger, Map<Quantity, Double>> hands = new EnumMap<>(Finger.class);
    for (Finger finger : Finger.of(hand)) {
      measure(photo, finger)
          .measure()
          .ifPresent(
              measure -> {
                Map<Quantity, Double> shown = new EnumMap<>(Quantity.class);
                measure.values().forEach((q, value) -> shown.put(q, q.rounded(value)));
                hands.put(finger, shown);
              });
    }
    sets.make(setId, Change.measuredInPicture(hands, by.isBlank() ? null : by));
    if (keep) {
      try {
        photo.keepSmaller(photo.picture().smaller(Picture.LONGEST_KEPT));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    } else {
      photos.delete(photo);
    }
  }

  static Outcome measure(HandPhoto photo, Finger finger) {
    if (photo.corners().size() < MarkName.CORNERS || photo.nail(finger).isEmpty()) {
      return Outcome.NOT_MARKED;
    }
    try {
      return new Outcome(
          Optional.of(
              PhotoMeasure.of(
                  photo.corners(),
                  Card.USUAL,
                  photo.camera(),
                  photo.nail(finger).get(),
                  photo.getHand(),
                  photo.above())),
          Optional.empty());
    } catch (MarkTrouble trouble) {
      return new Outcome(Optional.empty(), Optional.of(Words.of(trouble.why())));
    }
  }

  private static String known(Hand hand, String name) {
    Stream<String> corners =
        Stream.iterate(1, number -> number + 1).limit(MarkName.CORNERS).map(MarkName::corner);
    Stream<String> nails =
        Finger.of(hand).stream()
            .flatMap(finger -> Arrays.stream(NailSpot.values()).map(s -> MarkName.of(finger, s)));
    return Stream.concat(corners, nails)
        .filter(name::equals)
        .findFirst()
        .orElseThrow(() -> new NotFound("mark " + name));
  }

  private HandPhoto photo(long setId, Hand hand) {
    return photos
        .findBySetIdAndHand(setId, hand)
        .orElseThrow(() -> new NotFound("picture of the " + Words.of(hand) + " hand"));
  }
}
