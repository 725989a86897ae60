package ongle.app.salon;

import java.util.List;
import java.util.Optional;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.Edit;
import ongle.app.words.Words;
import ongle.core.School;
import ongle.core.fitting.Barrel;
import ongle.core.fitting.FreeHandOrForms;
import ongle.core.fitting.TipsOrForms;
import ongle.core.shape.LengthWish;
import ongle.core.structure.ApexSchool;
import ongle.core.structure.CrossThickness;
import ongle.core.structure.UpperArch;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Where the salon says how it works; a set may still do otherwise. */
@Controller
@Needs(Right.SALON)
@RequestMapping("/salon")
class SalonController {
  private final SalonSettings settings;

  SalonController(SalonSettings settings) {
    this.settings = settings;
  }

  /**
   * A question technicians answer differently.
   *
   * @param name of the parameter it is answered in
   * @param all the answers
   */
  record Question(String name, String text, List<? extends School> all, School chosen) {}

  @GetMapping
  String page(Model model) {
    show(model);
    return "salon/page";
  }

  @PostMapping
  String answer(
      @RequestParam Optional<TipsOrForms> tipsOrForms,
      @RequestParam Optional<FreeHandOrForms> bitten,
      @RequestParam Optional<Barrel> barrel,
      @RequestParam Optional<LengthWish.Mode> lengthMode,
      @RequestParam Optional<ApexSchool> apex,
      @RequestParam Optional<UpperArch> arch,
      @RequestParam Optional<CrossThickness> across,
      Model model) {
    settings.change(
        salon -> {
          tipsOrForms.ifPresent(salon::prefer);
          bitten.ifPresent(salon::prefer);
          barrel.ifPresent(salon::prefer);
          lengthMode.ifPresent(salon::prefer);
          apex.ifPresent(salon::prefer);
          arch.ifPresent(salon::prefer);
          across.ifPresent(salon::prefer);
        });
    show(model);
    model.addAttribute("edit", new Edit.Saved());
    return "salon/page :: answered";
  }

  /** What the salon speaks. */
  @PostMapping("/language")
  String speak(@RequestParam String language, Model model) {
    Words.language(language).ifPresent(settings::speak);
    show(model);
    model.addAttribute("edit", new Edit.Saved());
    return "salon/page :: answered";
  }

  /** Whether stand-in devices answer. */
  @PostMapping("/stand-ins")
  String practise(@RequestParam(defaultValue = "false") boolean wanted, Model model) {
    settings.change(salon -> salon.practise(wanted));
    show(model);
    model.addAttribute("edit", new Edit.Saved());
    return "salon/page :: answered";
  }

  private void show(Model model) {
    Salon salon = settings.current();
    model.addAttribute("practises", salon.isStandIns());
    model.addAttribute("languages", Words.languages());
    model.addAttribute("language", salon.getLanguage());
    model.addAttribute(
        "questions",
        List.of(
            new Question(
                "tipsOrForms",
                Words.say("salon.question.tipsOrForms"),
                List.of(TipsOrForms.values()),
                salon.getTipsOrForms()),
            new Question(
                "bitten",
                Words.say("salon.question.bitten"),
                List.of(FreeHandOrForms.values()),
                salon.getBitten()),
            new Question(
                "barrel",
                Words.say("salon.question.barrel"),
                List.of(Barrel.values()),
                salon.getBarrel()),
            new Question(
                "lengthMode",
                Words.say("salon.question.lengthMode"),
                List.of(LengthWish.Mode.values()),
                salon.getLengthMode()),
            new Question(
                "apex",
                Words.say("salon.question.apex"),
                List.of(ApexSchool.values()),
                salon.getApex()),
            new Question(
                "arch",
                Words.say("salon.question.arch"),
                List.of(UpperArch.values()),
                salon.getArch()),
            new Question(
                "across",
                Words.say("salon.question.across"),
                List.of(CrossThickness.values()),
                salon.getAcross())));
  }
}
