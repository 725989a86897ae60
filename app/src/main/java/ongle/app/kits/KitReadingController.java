package ongle.app.kits;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.CsvText;
import ongle.app.words.Words;
import ongle.core.shape.NailShape;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Reading a kit from a file: shown first, saved then. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/kits/read")
class KitReadingController {
  private final KitEditor editor;

  KitReadingController(KitEditor editor) {
    this.editor = editor;
  }

  @GetMapping
  String choose(@RequestParam Optional<Long> into, Model model) {
    return choosing(into, "", NailShape.SQUARE, "", model);
  }

  /**
   * Shows what a file holds; nothing is saved yet.
   *
   * @param into the kit whose sizes it is to replace; empty for a new one
   */
  @Needs(Right.STOCK)
  @PostMapping
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
      CsvText csv = CsvText.given(file, text);
      KitCsv.Read read = KitCsv.read(csv);
      model.addAttribute("read", read);
      model.addAttribute("text", csv.text());
      if (read.kind() != null) {
        model.addAttribute("columns", Column.of(read.kind()));
        model.addAttribute("rows", read.rows().stream().map(row -> shown(row, read)).toList());
      }
      model.addAttribute("trouble", trouble(read, into, label));
    } catch (IllegalArgumentException e) {
      model.addAttribute("trouble", e.getMessage());
    }
    return "kits/read";
  }

  /** Saves the good lines of what was shown. */
  @Needs(Right.STOCK)
  @PostMapping("/save")
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
    return KitEditor.nameTrouble(label).orElse(null);
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
    return Column.of(read.kind()).stream()
        .map(column -> KitEditor.shown(row, column.field()))
        .toList();
  }
}
