package ongle.app.kits;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.CleanText;
import ongle.app.web.Edit;
import ongle.app.web.FormReading;
import ongle.app.words.Words;
import ongle.core.shape.NailShape;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The salon's tips and forms: looked through, edited in place, read from and written to files. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/kits")
class KitController {
  private final KitEditor editor;

  KitController(KitEditor editor) {
    this.editor = editor;
  }

  /** What a kit is called, and what there is to say of it. */
  record About(
      @NotBlank(message = "kits.name.needed")
          @Size(max = KitEditor.LONGEST_LABEL, message = "name.longest")
          String label,
      @Size(max = 200, message = "text.longest") String about,
      NailShape outline) {
    /** A field that was not sent is empty. */
    About {
      label = CleanText.orEmpty(label);
      about = CleanText.orEmpty(about);
      outline = outline == null ? NailShape.SQUARE : outline;
    }
  }

  /** Kits of one kind. */
  record Shelf(KitKind kind, List<Kit> kits) {}

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

  @Needs(Right.STOCK)
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
        Column.of(kit.getKind()).stream()
            .filter(each -> each.field().equals(field))
            .findFirst()
            .orElseThrow();
    model.addAttribute("field", answered(field(id, size, row, column), edit, value));
    model.addAttribute("edit", edit);
    return "kits/parts :: answer";
  }

  @Needs(Right.STOCK)
  @PostMapping("/{id}/sizes")
  String addSize(@PathVariable long id, Model model) {
    editor.addSize(id);
    return changed(id, model);
  }

  @Needs(Right.STOCK)
  @PostMapping("/{id}/sizes/{size}/remove")
  String removeSize(@PathVariable long id, @PathVariable long size, Model model) {
    editor.removeSize(id, size);
    return changed(id, model);
  }

  @Needs(Right.STOCK)
  @PostMapping("/{id}/at-hand")
  String keepAtHand(
      @PathVariable long id, @RequestParam(defaultValue = "false") boolean atHand, Model model) {
    editor.keepAtHand(id, atHand);
    return changed(id, model);
  }

  @Needs(Right.STOCK)
  @PostMapping("/{id}")
  String describe(@PathVariable long id, @Valid About typed, BindingResult errors, Model model) {
    Optional<String> why = new FormReading(errors).why();
    if (why.isEmpty()) {
      editor.describe(id, typed.label().strip(), typed.about().strip(), typed.outline());
    }
    show(id, model);
    if (why.isPresent()) {
      model.addAttribute("typed", typed);
      model.addAttribute("faults", new FormReading(errors).faults());
    }
    model.addAttribute("edit", why.<Edit>map(Edit.Refused::new).orElseGet(Edit.Saved::new));
    return "kits/show :: changed";
  }

  @Needs(Right.STOCK)
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

  private String changed(long id, Model model) {
    show(id, model);
    model.addAttribute("edit", new Edit.Saved());
    return "kits/show :: changed";
  }

  private void show(long id, Model model) {
    Kit kit = editor.kit(id);
    List<Column> columns = Column.of(kit.getKind());
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
