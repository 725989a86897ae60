package ongle.core;

import java.util.List;
import java.util.Optional;
import ongle.core.fitting.Fitting;
import ongle.core.fitting.Form;
import ongle.core.fitting.FormKit;
import ongle.core.fitting.Schools;
import ongle.core.fitting.TipKit;

/** Kits for tests. */
public final class Kits {
  public static final FormKit PAPER =
      new FormKit(
          "paper",
          "paper",
          List.of(
              new Form("narrow", 10, 1.2, 2, 2, 30, 40, false),
              new Form("wide", 13, 1.6, 2, 2, 40, 40, false)));

  public static final FormKit RIGID =
      new FormKit("rigid", "rigid", List.of(new Form("1", 11.5, 1.5, 1, 1, 16, 5, true)));

  private Kits() {}

  /** Forms alone. */
  public static Fitting fitting() {
    return new Fitting(List.of(), List.of(PAPER, RIGID), Schools.USUAL, Optional.empty());
  }

  public static Fitting fitting(TipKit tips) {
    return new Fitting(List.of(tips), List.of(PAPER, RIGID), Schools.USUAL, Optional.empty());
  }
}
