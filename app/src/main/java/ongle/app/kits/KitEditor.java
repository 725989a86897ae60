package ongle.app.kits;

import java.text.Normalizer;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.Edit;
import ongle.app.web.NotFound;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.shape.NailShape;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Every change to a kit goes through here; a field is only overwritten by someone who saw it. */
@Service
public class KitEditor {
  static final int LONGEST_LABEL = 80;

  private final KitRepository kits;
  private final KitCatalogue catalogue;

  KitEditor(KitRepository kits, KitCatalogue catalogue) {
    this.kits = kits;
    this.catalogue = catalogue;
  }

  /** Adds kits as they are, under their own codes. */
  @Transactional
  public void bringIn(List<KitList> lists) {
    catalogue.changing();
    lists.stream().map(Kit::new).forEach(kits::save);
  }

  @Transactional(readOnly = true)
  List<Kit> all() {
    return kits.whole();
  }

  /**
   * With everything of its sizes read.
   *
   * @throws NotFound if there is no such kit
   */
  @Transactional(readOnly = true)
  Kit kit(long id) {
    Kit kit = find(id);
    kit.list();
    return kit;
  }

  /** Adds a kit under a name of its own; the same form key adds it once. */
  @Needs(Right.STOCK)
  @Transactional
  Kit add(
      UUID formKey,
      String label,
      KitKind kind,
      NailShape outline,
      String about,
      List<KitRow> rows) {
    catalogue.changing();
    return kits.findByFormKey(formKey)
        .orElseGet(
            () ->
                kits.save(
                    new Kit(
                        formKey, new KitList(freeCode(label), label, kind, outline, about, rows))));
  }

  /** Puts other sizes in the place of those it has. */
  @Needs(Right.STOCK)
  @Transactional
  Kit replace(long id, List<KitRow> rows) {
    catalogue.changing();
    Kit kit = find(id);
    kit.removeAll();
    kits.flush();
    rows.forEach(kit::add);
    return kit;
  }

  @Needs(Right.STOCK)
  @Transactional
  void describe(long id, String label, String about, NailShape outline) {
    catalogue.changing();
    find(id).describe(label, about, outline);
  }

  @Needs(Right.STOCK)
  @Transactional
  void keepAtHand(long id, boolean atHand) {
    catalogue.changing();
    find(id).keepAtHand(atHand);
  }

  @Needs(Right.STOCK)
  @Transactional
  void remove(long id) {
    catalogue.changing();
    kits.delete(find(id));
  }

  /** Adds a size like the last one, under the next free number. */
  @Needs(Right.STOCK)
  @Transactional
  void addSize(long id) {
    catalogue.changing();
    Kit kit = find(id);
    KitRow last = kit.getSizes().get(kit.getSizes().size() - 1).row();
    int next = kit.getSizes().size();
    while (taken(kit, String.valueOf(next))) {
      next++;
    }
    kit.add(new KitRow(String.valueOf(next), last.figures(), null));
  }

  /** Takes a size out of the list; the last one stays. */
  @Needs(Right.STOCK)
  @Transactional
  void removeSize(long id, long size) {
    catalogue.changing();
    Kit kit = find(id);
    if (kit.getSizes().size() > 1) {
      kit.remove(size(kit, size));
    }
  }

  /**
   * Takes what was typed into one field of a size.
   *
   * @param field its column in a file
   * @param seen what stood there when the typing began, as shown
   */
  @Needs(Right.STOCK)
  @Transactional
  Edit type(long id, long sizeId, String field, String typed, String seen) {
    catalogue.changing();
    Kit kit = find(id);
    KitSize size = size(kit, sizeId);
    String mine = typed.strip();
    String stands = shown(size.row(), field);
    if (!Numbers.same(mine, stands) && !Numbers.same(stands, seen.strip())) {
      return new Edit.Conflict(stands, mine);
    }
    try {
      KitRow row = with(size.row(), field, mine);
      row.check(kit.getKind());
      if (!row.number().equals(size.getNumber()) && taken(kit, row.number())) {
        return new Edit.Refused(Words.say("kits.number.taken", "number", row.number()));
      }
      size.take(row);
      return new Edit.Saved();
    } catch (IllegalArgumentException e) {
      return new Edit.Refused(Words.sentence(e.getMessage()) + ".");
    }
  }

  /** Counts down what a set takes; what nobody counts stays so. */
  @Transactional
  public void takeOut(String kitCode, String number, int pieces) {
    catalogue.changing();
    kits.findByCode(kitCode).stream()
        .flatMap(kit -> kit.getSizes().stream())
        .filter(size -> size.getNumber().equals(number))
        .forEach(size -> size.takeOut(pieces));
  }

  /** A field of a size as text. */
  static String shown(KitRow row, String field) {
    return switch (field) {
      case KitCsv.NUMBER -> row.number();
      case KitCsv.PIECES -> row.pieces() == null ? "" : String.valueOf(row.pieces());
      default -> Numbers.format(row.mm(column(field)), 2);
    };
  }

  private static KitRow with(KitRow row, String field, String typed) {
    if (field.equals(KitCsv.NUMBER)) {
      if (typed.isEmpty() || typed.length() > KitCsv.LONGEST_NUMBER) {
        throw new IllegalArgumentException(
            Words.say("kits.number.length", "longest", KitCsv.LONGEST_NUMBER));
      }
      return new KitRow(typed, row.figures(), row.pieces());
    }
    if (field.equals(KitCsv.PIECES)) {
      return new KitRow(row.number(), row.figures(), KitCsv.pieces(typed));
    }
    Map<KitColumn, Double> figures = new EnumMap<>(row.figures());
    figures.put(column(field), KitCsv.figure(column(field), typed));
    return new KitRow(row.number(), figures, row.pieces());
  }

  private static KitColumn column(String csv) {
    for (KitColumn column : KitColumn.values()) {
      if (column.csv().equals(csv)) {
        return column;
      }
    }
    throw new NotFound("column " + csv);
  }

  private static boolean taken(Kit kit, String number) {
    return kit.getSizes().stream().anyMatch(size -> size.getNumber().equals(number));
  }

  /** A short name for files and addresses, not used yet. */
  private String freeCode(String label) {
    String plain =
        Normalizer.normalize(label, Normalizer.Form.NFD)
            .toLowerCase(Locale.ROOT)
            .replaceAll("\\p{M}", "")
            .replaceAll("[^a-z0-9]+", "-")
            .replaceAll("^-|-$", "");
    String start = plain.isEmpty() ? "kit" : plain.substring(0, Math.min(30, plain.length()));
    String code = start;
    for (int i = 2; kits.existsByCode(code); i++) {
      code = start + "-" + i;
    }
    return code;
  }

  private Kit find(long id) {
    return kits.whole(id).orElseThrow(() -> new NotFound("kit " + id));
  }

  private static KitSize size(Kit kit, long id) {
    return kit.getSizes().stream()
        .filter(each -> each.getId() == id)
        .findFirst()
        .orElseThrow(() -> new NotFound("size " + id));
  }

  /** What is wrong with a kit's name; empty if nothing is. */
  static Optional<String> nameTrouble(String label) {
    if (label.isBlank()) {
      return Optional.of(Words.say("kits.name.needed"));
    }
    return label.strip().length() > LONGEST_LABEL
        ? Optional.of(Words.say("name.longest", "max", LONGEST_LABEL))
        : Optional.empty();
  }
}
