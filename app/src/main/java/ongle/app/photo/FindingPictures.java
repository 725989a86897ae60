package ongle.app.photo;

import java.io.IOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ongle.app.consent.Consents;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.multipart.MultipartFile;

/** Pictures of what happened to worn nails. */
@Service
public class FindingPictures {
  private final FindingPictureRepository pictures;
  private final Consents consents;
  private final Clock clock;

  FindingPictures(FindingPictureRepository pictures, Consents consents, Clock clock) {
    this.pictures = pictures;
    this.consents = consents;
    this.clock = clock;
  }

  /** A picture that can be read, not kept yet. */
  public static final class Readable {
    private final Picture picture;

    private Readable(Picture picture) {
      this.picture = picture;
    }
  }

  /**
   * Reads an uploaded picture, smaller and without what a telephone writes into it.
   *
   * @return empty where none was given
   * @throws IllegalArgumentException with the reason, if it is none that can be read or they did
   *     not agree to pictures
   */
  @Needs(Right.HANDS)
  public Optional<Readable> read(long setId, Optional<MultipartFile> file) throws IOException {
    if (file.isEmpty() || file.get().isEmpty()) {
      return Optional.empty();
    }
    consents.mindPictures(setId);
    return Optional.of(new Readable(Picture.uploaded(file).smaller(Picture.LONGEST_KEPT)));
  }

  /** Keeps a picture with a note. */
  @Needs(Right.HANDS)
  @Transactional
  public void keep(long setId, long noteId, Readable readable) {
    pictures.save(
        new FindingPicture(
            setId,
            noteId,
            LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS),
            readable.picture));
  }

  /** Pictures of a set by the note they belong to. */
  @Transactional(readOnly = true)
  public Map<Long, List<Long>> of(long setId) {
    return pictures.ofSet(setId).stream()
        .collect(
            Collectors.groupingBy(
                row -> (Long) row[0],
                Collectors.mapping(row -> (Long) row[1], Collectors.toList())));
  }

  /** The file. */
  @Transactional(readOnly = true)
  public byte[] jpeg(long setId, long id) {
    return pictures
        .findByIdAndSetId(id, setId)
        .map(StoredPicture::getJpeg)
        .orElseThrow(() -> new NotFound("picture " + id));
  }
}
