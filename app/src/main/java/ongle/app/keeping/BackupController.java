package ongle.app.keeping;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ongle.app.door.Again;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.NotFound;
import ongle.app.words.Dates;
import ongle.app.words.Words;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
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

/** The backups there are, and making one. */
@Controller
@Needs(Right.SALON)
@RequestMapping("/salon/backups")
class BackupController {
  private static final double MEGABYTE = 1 << 20;

  private final Backups backups;
  private final Restart restart;
  private final Again again;

  BackupController(Backups backups, Restart restart, Again again) {
    this.backups = backups;
    this.restart = restart;
    this.again = again;
  }

  /** One backup as it is shown. */
  record Row(String name, String made, String size) {}

  @GetMapping
  String page(Model model) throws IOException {
    return show(Optional.empty(), model);
  }

  private String show(Optional<String> trouble, Model model) throws IOException {
    return show(trouble, Optional.empty(), model);
  }

  private String show(Optional<String> trouble, Optional<String> refusal, Model model)
      throws IOException {
    again.ask(refusal, model);
    List<Row> rows = new ArrayList<>();
    for (BackupFile each : backups.all()) {
      rows.add(
          new Row(
              each.name(),
              each.made()
                  .map(at -> Dates.of(at.toLocalDate(), "day") + " " + Dates.of(at, "time"))
                  .orElse("–"),
              Words.say("keeping.size", "mb", Math.max(0.1, each.size() / MEGABYTE))));
    }
    model.addAttribute("rows", rows);
    model.addAttribute("possible", backups.possible());
    model.addAttribute("second", backups.second().map(Path::toString).orElse(null));
    model.addAttribute("key", backups.key().map(Path::toString).orElse(null));
    model.addAttribute("atWork", backups.putBackAtWork());
    model.addAttribute("trouble", trouble.orElse(null));
    return "keeping/backups";
  }

  @PostMapping
  String make(Model model) throws IOException {
    if (backups.possible()) {
      try {
        backups.now();
      } catch (Backups.NotKept e) {
        return show(Optional.of(e.getMessage()), model);
      }
    }
    return "redirect:/salon/backups";
  }

  /** Ends Ongle and begins again with this one; the page waits for it. */
  @PostMapping("/{name}/restore")
  String restore(
      @PathVariable String name, @RequestParam(defaultValue = "") String own, Model model)
      throws IOException {
    BackupFile wanted = named(name);
    Optional<String> refusal = again.refusal(own);
    if (refusal.isPresent()) {
      model.addAttribute("wanted", wanted.name());
      return show(Optional.empty(), refusal, model);
    }
    if (!backups.putBackAtWork() && !restart.possible()) {
      return show(Optional.of(Words.say("keeping.by-hand", "file", wanted.name())), model);
    }
    try {
      backups.putBack(wanted);
      if (backups.putBackAtWork()) {
        return "redirect:/sign-in";
      }
      restart.soon();
    } catch (Backups.NotKept e) {
      return show(Optional.of(e.getMessage()), model);
    }
    return "keeping/begins-again";
  }

  private BackupFile named(String name) {
    return backups.all().stream()
        .filter(each -> each.name().equals(name))
        .findFirst()
        .orElseThrow(() -> new NotFound("backup"));
  }

  @GetMapping("/{name}")
  ResponseEntity<Resource> download(@PathVariable String name) {
    BackupFile wanted = named(name);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(wanted.name()).build().toString())
        .body(new FileSystemResource(wanted.zip()));
  }
}
