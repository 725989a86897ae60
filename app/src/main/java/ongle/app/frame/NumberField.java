package ongle.app.frame;

import java.util.Optional;
import ongle.app.editing.Edited;
import ongle.app.editing.SetEditor;
import ongle.app.sets.SetNail;
import ongle.app.web.Edit;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.nail.Finger;
import ongle.core.nail.Quantity;

/**
 * A number field of one nail as it is shown.
 *
 * @param shown text in the field
 * @param seen what stood in it by the server's knowledge; sent back with the next edit
 * @param otherwise what holds while the field is empty: the estimate or the computed value
 * @param otherwiseFrom where that comes from
 * @param why what is allowed instead, if what was typed could not be taken
 * @param theirs what another window put there meanwhile, if that is the trouble
 * @param note something worth a look about what stands there; null if nothing
 */
public record NumberField(
    Finger finger,
    Quantity quantity,
    String shown,
    String seen,
    String otherwise,
    String otherwiseFrom,
    String why,
    String theirs,
    String note) {

  /** As stored, with anything typed before that could not be taken. */
  public static NumberField stored(SetNail nail, Quantity quantity, double otherwise, String from) {
    String seen = nail.value(quantity).map(value -> Numbers.format(quantity, value)).orElse("");
    Optional<String> rejected = nail.rejected(quantity);
    return new NumberField(
        nail.getFinger(),
        quantity,
        rejected.orElse(seen),
        seen,
        Numbers.format(quantity, otherwise),
        from,
        rejected.map(typed -> SetEditor.refusal(nail, quantity, typed)).orElse(null),
        null,
        null);
  }

  /** The same with something to look at. */
  public NumberField noting(String worthALook) {
    return new NumberField(
        finger, quantity, shown, seen, otherwise, otherwiseFrom, why, theirs, worthALook);
  }

  /** The same after an edit that met another window's. */
  public NumberField after(Edit edit) {
    if (edit instanceof Edit.Conflict conflict) {
      return new NumberField(
          finger,
          quantity,
          conflict.mine(),
          conflict.theirs(),
          otherwise,
          otherwiseFrom,
          Words.say(
              conflict.theirs().isEmpty() ? "sets.conflict.emptied" : "sets.conflict",
              "theirs",
              conflict.theirs()),
          conflict.theirs(),
          note);
    }
    return this;
  }

  /** The same as it is to be shown after that edit. */
  public NumberField after(Edited edited) {
    return quantity == edited.quantity() ? after(edited.edit()) : this;
  }

  public String id() {
    return finger + "-" + quantity;
  }

  public String label() {
    return Words.of(finger) + " " + Words.of(quantity) + ", " + Words.of(quantity.unit());
  }

  public String range() {
    return Numbers.range(quantity);
  }
}
