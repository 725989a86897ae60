package ongle.app.lan;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import ongle.app.people.Needs;
import ongle.app.people.People;
import ongle.app.people.Right;
import ongle.app.web.FormReading;
import ongle.app.web.Named;
import ongle.app.web.Written;
import ongle.app.words.Words;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The salon's devices: how they find Ongle, and which were let in. */
@Controller
@Needs(Right.SALON)
class DevicesController {
  private static final int A_YEAR = 365 * 24 * 3600;

  private final Devices devices;
  private final Lan lan;
  private final Path folder;

  DevicesController(Devices devices, Lan lan, @Value("${ongle.data-dir}") Path folder) {
    this.devices = devices;
    this.lan = lan;
    this.folder = folder;
  }

  /** A new one, as typed. */
  record Typed(@Named(max = People.LONGEST_NAME) String name) {}

  private static final Typed NONE = new Typed("");

  /** Where a device finds Ongle, with a picture of it for its camera. */
  record Way(String address, QrCode code) {}

  @GetMapping("/salon/devices")
  String page(Model model) {
    return show(Written.anew(NONE), List.of(), model);
  }

  @PostMapping("/salon/devices")
  String letIn(@Valid Typed typed, BindingResult errors, Model model) {
    FormReading reading = new FormReading(errors);
    return reading
        .made(() -> devices.code(typed.name()))
        .map(
            code ->
                show(
                    Written.anew(NONE),
                    lan.addresses().stream()
                        .map(address -> address + "/sign-in/device?code=" + code)
                        .map(address -> new Way(address, QrCode.of(address)))
                        .toList(),
                    model))
        .orElseGet(() -> show(Written.anew(typed).refused(reading), List.of(), model));
  }

  @PostMapping("/salon/devices/{id}/out")
  String shutOut(@PathVariable long id) {
    devices.shutOut(id);
    return "redirect:/salon/devices";
  }

  /**
   * What the device's camera opens: a page with one button, so that no preview uses the code up.
   */
  @Needs(Right.NONE)
  @GetMapping("/sign-in/device")
  String comes(@RequestParam(defaultValue = "") String code, Model model) {
    model.addAttribute("code", code);
    return "lan/comes";
  }

  @Needs(Right.NONE)
  @PostMapping("/sign-in/device")
  String came(
      @RequestParam(defaultValue = "") String code,
      HttpServletRequest request,
      HttpServletResponse response,
      Model model) {
    Optional<String> kept = devices.comes(code);
    if (kept.isEmpty()) {
      model.addAttribute("code", code);
      model.addAttribute("why", Words.say("lan.code-gone"));
      return "lan/comes";
    }
    Cookie cookie = new Cookie(Devices.COOKIE, kept.get());
    cookie.setPath("/");
    cookie.setMaxAge(A_YEAR);
    cookie.setHttpOnly(true);
    cookie.setSecure(request.isSecure());
    cookie.setAttribute("SameSite", "Strict");
    response.addCookie(cookie);
    return "redirect:/sign-in";
  }

  private String show(Written<Typed> written, List<Way> ways, Model model) {
    written.show(model);
    model.addAttribute("devices", devices.all());
    model.addAttribute("ways", ways);
    model.addAttribute("open", lan.open());
    model.addAttribute("addresses", lan.addresses());
    model.addAttribute(
        "fingerprint",
        lan.open() && lan.certificate().isEmpty()
            ? new OwnCertificate(folder.toAbsolutePath()).fingerprint()
            : "");
    return "lan/devices";
  }
}
