package ongle.app.door;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import ongle.app.people.Needs;
import ongle.app.people.People;
import ongle.app.people.Right;
import ongle.app.people.Role;
import ongle.app.salon.Salon;
import ongle.app.salon.SalonSettings;
import ongle.app.web.FormReading;
import ongle.app.web.Named;
import ongle.app.web.Written;
import ongle.app.words.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The first page of a new salon: whose it is, and what it is called. */
@Controller
@RequestMapping("/begin")
@Needs(Right.NONE)
class BeginController {
  private final People people;
  private final SalonSettings salon;
  private final Sessions sessions;

  BeginController(People people, SalonSettings salon, Sessions sessions) {
    this.people = people;
    this.salon = salon;
    this.sessions = sessions;
  }

  /** As typed. */
  record Beginning(
      @Named(max = Salon.LONGEST_NAME) String salon,
      @Named(max = People.LONGEST_NAME) String name,
      String language,
      @Size(max = Salon.LONGEST_CURRENCY, message = "door.currency-long") String currency,
      String password,
      String again) {}

  @GetMapping
  String page(Model model) {
    return people.owned()
        ? "redirect:/"
        : show(Written.anew(new Beginning("", "", "", "", "", "")), model);
  }

  @PostMapping
  String begin(
      @RequestParam UUID formKey,
      @Valid Beginning typed,
      BindingResult errors,
      HttpServletRequest request,
      HttpServletResponse response,
      Model model) {
    if (people.owned()) {
      return "redirect:/";
    }
    FormReading reading = new FormReading(errors);
    String password = text(typed.password());
    People.fault(Role.OWNER, password).ifPresent(why -> reading.fault("password", Words.say(why)));
    if (!password.equals(typed.again())) {
      reading.fault("again", Words.say("door.not-the-same"));
    }
    return reading
        .made(
            () -> {
              salon.begin(typed.salon(), text(typed.currency()), text(typed.language()));
              sessions.begin(people.begin(formKey, typed.name(), password), request, response);
              return "redirect:/salon?first=true";
            })
        .orElseGet(() -> show(Written.anew(typed).refused(reading), model));
  }

  private static String text(@Nullable String typed) {
    return typed == null ? "" : typed;
  }

  private static String show(Written<Beginning> written, Model model) {
    written.show(model);
    model.addAttribute("languages", Words.languages());
    return "door/begin";
  }
}
