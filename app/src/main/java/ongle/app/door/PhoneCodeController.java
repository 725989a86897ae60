package ongle.app.door;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.function.UnaryOperator;
import ongle.app.lan.QrCode;
import ongle.app.people.Needs;
import ongle.app.people.People;
import ongle.app.people.Present;
import ongle.app.people.Right;
import ongle.app.people.Who;
import ongle.app.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * An owner has their phone asked for a code at signing in, besides the password. Others have the
 * salon's devices for that.
 */
@Controller
@Needs(Right.SALON)
@RequestMapping("/own-secret/code")
class PhoneCodeController {
  private final People people;
  private final Again again;

  PhoneCodeController(People people, Again again) {
    this.people = people;
    this.again = again;
  }

  @GetMapping
  String page(Model model) {
    return show(People.newKey(), Optional.empty(), Optional.empty(), model);
  }

  /**
   * @param key that stood on the page
   * @param code the phone makes of it: it has the key, and its clock is right
   */
  @PostMapping
  String ask(
      @RequestParam(defaultValue = "") String key,
      @RequestParam(defaultValue = "") String code,
      @RequestParam(defaultValue = "") String own,
      Model model) {
    if (!People.isKey(key)) {
      return page(model);
    }
    if (!People.codeOf(key, code)) {
      return show(key, Optional.of(Words.say("door.code-wrong")), Optional.empty(), model);
    }
    return changed(own, Optional.of(key), model);
  }

  @PostMapping("/no-more")
  String askNoMore(@RequestParam(defaultValue = "") String own, Model model) {
    return changed(own, Optional.empty(), model);
  }

  private String changed(String own, Optional<String> key, Model model) {
    Optional<String> refusal = again.refusal(own);
    if (refusal.isPresent()) {
      return show(key.orElseGet(People::newKey), Optional.empty(), refusal, model);
    }
    people.askPhone(key);
    return "redirect:/sign-in?as=" + Present.who().orElseThrow().id();
  }

  private String show(String key, Optional<String> whyCode, Optional<String> refusal, Model model) {
    again.ask(refusal, model);
    Who who = Present.who().orElseThrow();
    model.addAttribute(
        "asked",
        people.all().stream().anyMatch(each -> each.getId() == who.id() && each.isAskedForCode()));
    model.addAttribute("key", key);
    model.addAttribute("groups", key.replaceAll("(.{4})(?=.)", "$1 "));
    model.addAttribute("picture", QrCode.of(address(key, who.called())));
    model.addAttribute("whyCode", whyCode.orElse(null));
    return "door/phone-code";
  }

  /** As programs that make such codes read it. */
  private static String address(String key, String name) {
    UnaryOperator<String> safe =
        text -> URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    return "otpauth://totp/Ongle:" + safe.apply(name) + "?secret=" + key + "&issuer=Ongle";
  }
}
