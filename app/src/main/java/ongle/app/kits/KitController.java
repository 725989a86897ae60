package ongle.app.kits;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ongle.app.web.CsvText;
import ongle.app.web.Edit;
import ongle.app.words.Words;
import ongle.core.shape.NailShape;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** The salon's tips and forms: looked through, edited in place, read from and written to files. */
@Controller
@RequestMapping("/kits")
class KitController {
  private static final int LONGEST_LABEL = 80;
  private static final int LONGEST_ABOUT = 200;

  private final KitEditor editor;

  KitController(KitEditor editor) {
    this.editor = editor;
  }

  /** Kits of one kind. */
  record Shelf(KitKind kind, List<Kit> kits) {}

  /** A column of a kit's table. */
  record Column(String field, String label, String unit, String meaning) {}

  /**
   * One field of a size.
   *
   * @param why what is allowed instead, if what was typed could not be taken
   */
  record Field(
      long kit, long size, Column column, String of, String shown, String seen, String why) {
    public String id() {
      return "size-" + size + "-" + column.field();
    }
  }

  /** One size of the table. */
  record Line(long size, String number, List<Field> fields) {}

  @GetMapping
  String all(Model model) {
    List<Kit> all = editor.all();
    model.addAttribute(
        "shelves",
        Arrays.stream(KitKind.values())
            .map(
                kind -> new Shelf(kind, all.stream().filter(kit -> kit.getKind() == kind).toList()))
            .toList());
    return "kits/list";
  }

  @GetMapping("/{id}")
  String one(@PathVariable long id, Model model) {
    show(id, model);
    return "kits/show";
  }

  @PostMapping("/{id}/sizes/{size}/{field}")
  String type(
      @PathVariable long id,
      @PathVariable long size,
      @PathVariable String field,
      @RequestParam(defaultValue = "") String value,
      @RequestParam(defaultValue = "") String seen,
      Model model) {
    Edit edit = editor.type(id, size, field, value, seen);
    Kit kit = editor.kit(id);
    KitRow row =
        kit.getSizes().stream()
            .filter(each -> each.getId() == size)
            .findFirst()
            .orElseThrow()
            .row();
    Column column =
        columns(kit.getKind()).stream()
            .filter(each -> each.field().equals(field))
            .findFirst()
            .orElseThrow();
    model.addAttribute("field", answered(field(id, size, row, column), edit, value));
    model.addAttribute("edit", edit);
    return "kits/parts :: answer";
  }

  @PostMapping("/{id}/sizes")
  String addSize(@PathVariable long id, Model model) {
    editor.addSize(id);
    return changed(id, model);
  }

  @PostMapping("/{id}/sizes/{size}/remove")
  String removeSize(@PathVariable long id, @PathVariable long size, Model model) {
    editor.removeSize(id, size);
    return changed(id, model);
  }

  @PostMapping("/{id}/at-hand")
  String keepAtHand(
      @PathVariable long id, @RequestParam(defaultValue = "false") boolean atHand, Model model) {
    editor.keepAtHand(id, atHand);
    return changed(id, model);
  }

  @PostMapping("/{id}")
  String describe(
      @PathVariable long id,
      @RequestParam String label,
      @RequestParam(defaultValue = "") String about,
      @RequestParam Optional<NailShape> outline,
      Model model) {
    Optional<String> why = nameTrouble(label);
    if (why.isEmpty()) {
      editor.describe(
          id,
          label.strip(),
          about.strip().substring(0, Math.min(LONGEST_ABOUT, about.strip().length())),
          outline.orElse(NailShape.SQUARE));
    }
    show(id, model);
    why.ifPresent(
        trouble -> {
          model.addAttribute("labelTyped", label);
          model.addAttribute("labelWhy", trouble);
        });
    model.addAttribute("edit", why.<Edit>map(Edit.Refused::new).orElseGet(Edit.Saved::new));
    return "kits/show :: changed";
  }

  @PostMapping("/{id}/remove")
  String remove(@PathVariable long id) {
    editor.remove(id);
    return "redirect:/kits";
  }

  @GetMapping(path = "/{id}/kit.csv", produces = "text/csv")
  ResponseEntity<byte[]> write(@PathVariable long id) {
    KitList kit = editor.kit(id).list();
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(kit.code() + ".csv").build().toString())
        .body(KitCsv.write(kit).getBytes(StandardCharsets.UTF_8));
  }

  // --- reading files ---------------------------------------------------------------------------

  @GetMapping("/read")
  String choose(@RequestParam Optional<Long> into, Model model) {
    return choosing(into, "", NailShape.SQUARE, "", model);
  }

  /**
   * Shows what a file holds; nothing is saved yet.
   *
   * @param into the kit whose sizes it is to replace; empty for a new one
   */
  @PostMapping("/read")
  String preview(
      @RequestParam Optional<Long> into,
      @RequestParam(defaultValue = "") String label,
      @RequestParam(defaultValue = "SQUARE") NailShape outline,
      @RequestParam(defaultValue = "") String text,
      @RequestParam Optional<MultipartFile> file,
      Model model)
      throws IOException {
    choosing(into, label, outline, text, model);
    try {
      CsvText csv =
          file.isPresent() && !file.get().isEmpty()
              ? CsvText.of(file.get().getBytes())
              : CsvText.of(text);
      KitCsv.Read read = KitCsv.read(csv);
      model.addAttribute("read", read);
      model.addAttribute("text", csv.text());
      if (read.kind() != null) {
        model.addAttribute("columns", columns(read.kind()));
        model.addAttribute("rows", read.rows().stream().map(row -> shown(row, read)).toList());
      }
      model.addAttribute("trouble", trouble(read, into, label));
    } catch (IllegalArgumentException e) {
      model.addAttribute("trouble", e.getMessage());
    }
    return "kits/read";
  }

  /** Saves the good lines of what was shown. */
  @PostMapping("/read/save")
  String save(
      @RequestParam UUID formKey,
      @RequestParam Optional<Long> into,
      @RequestParam(defaultValue = "") String label,
      @RequestParam(defaultValue = "SQUARE") NailShape outline,
      @RequestParam String text,
      Model model)
      throws IOException {
    KitCsv.Read read;
    try {
      read = KitCsv.read(CsvText.of(text));
    } catch (IllegalArgumentException noLongerReadable) {
      return preview(into, label, outline, text, Optional.empty(), model);
    }
    if (trouble(read, into, label) != null) {
      return preview(into, label, outline, text, Optional.empty(), model);
    }
    Kit kit =
        into.isPresent()
            ? editor.replace(into.get(), read.rows())
            : editor.add(
                formKey,
                label.strip(),
                read.kind(),
                read.kind() == KitKind.TIPS ? outline : null,
                null,
                read.rows());
    return "redirect:/kits/" + kit.getId();
  }

  /** Why nothing can be saved; null if it can. */
  private String trouble(KitCsv.Read read, Optional<Long> into, String label) {
    if (read.kind() == null) {
      return read.remarks().get(read.remarks().size() - 1);
    }
    if (read.rows().isEmpty()) {
      return Words.say("kits.no-line");
    }
    if (into.isPresent()) {
      KitKind kind = editor.kit(into.get()).getKind();
      return kind == read.kind()
          ? null
          : Words.say("kits.other-kind", "file", read.kind(), "kit", kind);
    }
    return nameTrouble(label).orElse(null);
  }

  private static Optional<String> nameTrouble(String label) {
    if (label.isBlank()) {
      return Optional.of(Words.say("kits.name.needed"));
    }
    return label.strip().length() > LONGEST_LABEL
        ? Optional.of(Words.say("name.longest", "longest", LONGEST_LABEL))
        : Optional.empty();
  }

  private String choosing(
      Optional<Long> into, String label, NailShape outline, String text, Model model) {
    model.addAttribute("kits", editor.all());
    model.addAttribute("into", into.orElse(null));
    model.addAttribute("label", label);
    model.addAttribute("outline", outline);
    model.addAttribute("outlines", NailShape.values());
    model.addAttribute("text", text);
    model.addAttribute("kinds", KitKind.values());
    model.addAttribute("formKey", UUID.randomUUID());
    return "kits/read";
  }

  private static List<String> shown(KitRow row, KitCsv.Read read) {
    return columns(read.kind()).stream()
        .map(column -> KitEditor.shown(row, column.field()))
        .toList();
  }

  private String changed(long id, Model model) {
    show(id, model);
    model.addAttribute("edit", new Edit.Saved());
    return "kits/show :: changed";
  }

  private void show(long id, Model model) {
    Kit kit = editor.kit(id);
    List<Column> columns = columns(kit.getKind());
    model.addAttribute("kit", kit);
    model.addAttribute("outlines", NailShape.values());
    model.addAttribute("columns", columns);
    model.addAttribute(
        "lines",
        kit.getSizes().stream()
            .map(
                size ->
                    new Line(
                        size.getId(),
                        size.getNumber(),
                        columns.stream()
                            .map(column -> field(id, size.getId(), size.row(), column))
                            .toList()))
            .toList());
  }

  private static List<Column> columns(KitKind kind) {
    List<Column> columns = new ArrayList<>();
    columns.add(
        new Column(KitCsv.NUMBER, Words.say("kits.number"), "", Words.say("kits.number.meaning")));
    kind.columns()
        .forEach(c -> columns.add(new Column(c.csv(), Words.of(c), "mm", Words.of(c, "meaning"))));
    columns.add(
        new Column(KitCsv.PIECES, Words.say("kits.pieces"), "", Words.say("kits.pieces.meaning")));
    return columns;
  }

  private static Field field(long kit, long size, KitRow row, Column column) {
    String stands = KitEditor.shown(row, column.field());
    return new Field(kit, size, column, row.number(), stands, stands, null);
  }

  private static Field answered(Field stored, Edit edit, String typed) {
    if (edit instanceof Edit.Refused refused) {
      return new Field(
          stored.kit(),
          stored.size(),
          stored.column(),
          stored.of(),
          typed,
          stored.seen(),
          refused.why());
    }
    if (edit instanceof Edit.Conflict conflict) {
      return new Field(
          stored.kit(),
          stored.size(),
          stored.column(),
          stored.of(),
          typed,
          conflict.theirs(),
          Words.say("kits.conflict", "theirs", conflict.theirs()));
    }
    return stored;
  }
}
