package ongle.core.bench;

import java.util.Optional;
import ongle.core.wear.PrepStep;

/**
 * Every kind of step there is, with what to say about it. Times are usual ones of our own, for a
 * technician who knows the work.
 */
public enum StepKind {
  SANITISE(
      Phase.PREPARE,
      Scope.SET,
      60,
      "Clean both people’s hands, lay out clean tools",
      "Nothing is carried from one hand to the next.",
      "sanitiser; fresh or the client’s own files",
      "Every tool single-use or disinfected.",
      "Files kept from the last client.",
      "Gloves, mask, extraction on. Look at the skin once more: redness, swelling or pus is not built on."),
  REMOVE_POLISH(
      Phase.PREPARE,
      Scope.HAND,
      20,
      "Take off the polish",
      "The plate has to be seen before anything is planned on it.",
      "remover, lint-free pads",
      "No colour left in the corners.",
      "Rubbing colour into the skin.",
      "Remover is flammable: away from the lamp, window open."),
  THIN_OLD(
      Phase.REMOVE,
      Scope.HAND,
      55,
      "File the old product thin",
      "Solvent only has to soften what is left.",
      "100/120 file",
      "The last layer stays on: it guards the plate.",
      "Filing down to the plate, or prising.",
      "Never prise product off. Extraction on; stop when it gets warm."),
  SOAK(
      Phase.REMOVE,
      Scope.HAND,
      600,
      "Soak",
      "Solvent works through a thin layer by itself.",
      "pads with remover, wrapped",
      "Edges lift and crumble.",
      "Too little remover; scraping too soon.",
      "Solvent is flammable and dries skin: cream around it, no lamp beside it."),
  SOAK_CHECK(
      Phase.REMOVE,
      Scope.HAND,
      25,
      "Check what has softened",
      "What slides off with a stick comes off, the rest soaks on.",
      "wooden stick, held flat",
      "It comes away without force.",
      "Force. What holds needs another round.",
      "Stop where it hurts."),
  FILE_OFF(
      Phase.REMOVE,
      Scope.HAND,
      90,
      "File the product off",
      "It does not soak; it only comes off with a file.",
      "150, then 180",
      "A trace is left on the plate and grows out.",
      "Going through to the plate.",
      "No electric file on a thin plate; extraction on."),
  PLATE_CARE(
      Phase.REMOVE,
      Scope.HAND,
      15,
      "Smooth the plate, wash",
      "Nothing rough catches, no solvent is left.",
      "240 buffer, water",
      "An even, dull plate.",
      "Polishing the plate thin.",
      ""),
  THIN_INFILL(
      Phase.REMOVE,
      Scope.HAND,
      45,
      "Thin the old build",
      "The highest place has grown forward and has to come down there.",
      "100/120 file",
      "Old and new will meet without a ridge.",
      "Leaving the old hump in front.",
      "Extraction on."),
  BLEND_INFILL(
      Phase.REMOVE,
      Scope.HAND,
      30,
      "File the edge at the regrowth flush",
      "A ledge lifts under the new product.",
      "150, then 180",
      "No line between product and plate; nothing loose left.",
      "Filing a groove into the plate.",
      "Loose product comes off as far as it is loose."),
  SHORTEN(
      Phase.PREPARE,
      Scope.HAND,
      14,
      "Shorten the free edge",
      "A long natural nail grows down and tears away; a sharp corner pushes a form off.",
      "clipper, 180 file",
      "Square on, corners rounded.",
      "Cutting below the seal under the nail.",
      "Never below the hyponychium."),
  FREE_SKIN(
      Phase.PREPARE,
      Scope.HAND,
      35,
      "Free the bitten plate from its skin walls",
      "Product has to reach the plate’s own edge, not the skin.",
      "wooden stick, softened skin, no blade",
      "The whole plate shows.",
      "Cutting skin that is alive.",
      "Do not cut living tissue; where it is open, leave that finger."),
  SOFTEN(
      Phase.PREPARE,
      Scope.HAND,
      8,
      "Brush on cuticle softener",
      "Dead skin lets go of the plate.",
      "softener",
      "Only on the skin at the cuticle.",
      "Leaving it on while doing something else.",
      ""),
  PUSH_BACK(
      Phase.PREPARE,
      Scope.HAND,
      15,
      "Push the cuticle back",
      "Product on skin lifts, and skin in product makes allergies.",
      "side of a stick or pusher, held flat",
      "Skin goes back by itself, without white pressure marks.",
      "Digging with the end.",
      "Stop where it hurts."),
  CLEAR(
      Phase.PREPARE,
      Scope.HAND,
      20,
      "Clear dead skin off plate and sidewalls",
      "What stays on the plate lifts first.",
      "pusher or fine bit",
      "A clean line all round, right into the corners.",
      "Missing the corners.",
      ""),
  TRIM(
      Phase.PREPARE,
      Scope.HAND,
      8,
      "Trim what is loose",
      "Hangnails catch in product.",
      "nippers",
      "Only what stands off.",
      "Pulling.",
      "Do not cut living tissue."),
  WASH(
      Phase.PREPARE,
      Scope.HAND,
      12,
      "Wash the softener off",
      "Its residue lifts product.",
      "brush, water, dry towel",
      "Nothing slippery left.",
      "Wiping only.",
      ""),
  SHINE(
      Phase.PREPARE,
      Scope.HAND,
      14,
      "Take off the shine",
      "Product holds on a dull plate.",
      "180 file",
      "Dull into the corners, no scratches deeper than the shine.",
      "Leaving the corners; thinning the plate.",
      ""),
  DUST(
      Phase.PREPARE,
      Scope.HAND,
      5,
      "Dust off",
      "Dust under product is a gap.",
      "clean dry brush",
      "No white in the corners.",
      "Wiping with a finger.",
      ""),
  DEHYDRATE(
      Phase.PREPARE,
      Scope.HAND,
      4,
      "Dehydrate",
      "Water and oil under product lift it.",
      "dehydrator on lint-free pad",
      "Plate turns chalky at once.",
      "Touching it again.",
      ""),
  PRIME(
      Phase.PREPARE,
      Scope.HAND,
      6,
      "Prime",
      "It is what product holds on to.",
      "primer, an almost dry brush",
      "Sparingly, on the plate only, fully dry.",
      "Flooding; primer on skin.",
      "Primer on skin can cause a lifelong allergy: wipe at once."),
  CLEAR_DESK(
      Phase.PREPARE,
      Scope.SET,
      20,
      "Clear the desk of dust",
      "Filing dust in fresh product shows, and lifts.",
      "damp towel, extraction, fresh gloves",
      "Nothing white left where the hands lie.",
      "Going on filing beside open product.",
      "Fresh gloves: uncured product goes through worn ones."),
  TIP_WELL(
      Phase.FIT,
      Scope.FINGER,
      25,
      "Size the tip, thin its well",
      "Little is left to blend on the plate.",
      "180 file",
      "Reaches sidewall to sidewall with no force.",
      "Pressing a small tip on.",
      ""),
  TIP_ON(
      Phase.FIT,
      Scope.FINGER,
      20,
      "Fix the tip",
      "It carries the extension.",
      "glue or gel",
      "Seen from below: no gap, no air.",
      "Air in the well; glue on skin.",
      "Glue bonds skin in seconds: never pull, soak off."),
  TIP_FLASH(
      Phase.FIT,
      Scope.FINGER,
      10,
      "Tip in the lamp",
      "The gel under it has to cure from above.",
      "lamp",
      "Held still.",
      "Letting it slip.",
      ""),
  TIP_CUT(
      Phase.FIT,
      Scope.FINGER,
      25,
      "Cut the tip, blend the well",
      "A reserve is left for filing.",
      "tip cutter, 180 file",
      "Compare both hands before cutting.",
      "Cutting to the wish exactly.",
      "Filing on the tip, not on the plate."),
  FORM_CUT(
      Phase.FIT,
      Scope.FINGER,
      25,
      "Cut the form",
      "Its mouth follows the nail’s own free edge.",
      "curved scissors",
      "No gap at the growth points.",
      "Cutting too deep at once.",
      ""),
  FORM_SET(
      Phase.FIT,
      Scope.FINGER,
      25,
      "Set and close the form",
      "It carries the product while it is soft.",
      "form",
      "In line with the finger; from the side it continues the plate.",
      "Aiming by a leaning nail.",
      ""),
  BEAD(
      Phase.BUILD,
      Scope.FINGER,
      38,
      "Lay a bead",
      "Each zone gets its own product.",
      "brush, powder and liquid",
      "Smooth within its working time, a hair’s breadth from the skin.",
      "Too wet runs, too dry crumbles; patting it flat everywhere.",
      "No product on skin: wipe it off before it sets."),
  FRAME(
      Phase.BUILD,
      Scope.FINGER,
      35,
      "Lay the frame",
      "Free edge and outline stand before the bulk is laid.",
      "flat brush",
      "Even edge, straight on from the growth points.",
      "Too thick at the edge.",
      "No gel on skin: wipe before curing."),
  SLIP(
      Phase.BUILD,
      Scope.FINGER,
      15,
      "Slip layer",
      "The next helping flows over it.",
      "flat brush",
      "Thin, wet all over, a hair’s breadth from the skin.",
      "Flooding the cuticle.",
      "No gel on skin: wipe before curing."),
  BODY(
      Phase.BUILD,
      Scope.FINGER,
      40,
      "Float the body",
      "The apex forms where most product lies.",
      "brush, held flat above the plate",
      "An even light line.",
      "Pressing the brush into it.",
      "No gel on skin: wipe before curing."),
  TURN(
      Phase.BUILD,
      Scope.FINGER,
      12,
      "Turn the hand over",
      "Gravity draws the gel to the middle.",
      "your hand under theirs",
      "Count; look from the side.",
      "Too long: it runs into the sidewalls or a beak.",
      ""),
  PIECE(
      Phase.BUILD,
      Scope.FINGER,
      75,
      "Lay and shape the piece",
      "One measured helping makes the whole nail.",
      "moist brush",
      "Thin at cuticle and sides, full over the stress line.",
      "Too much slip on the brush.",
      "Uncured product on skin can cause an allergy: wipe before curing."),
  FLASH(
      Phase.BUILD,
      Scope.FINGER,
      10,
      "Flash cure",
      "The shape is frozen.",
      "lamp",
      "Hand in quickly, held level.",
      "Waiting until it has run.",
      "Too hot? Out at once."),
  PINCH(
      Phase.BUILD,
      Scope.FINGER,
      15,
      "Pinch",
      "The barrel is set while the product is half hard.",
      "pinching stick or clamp",
      "From below, both sides alike.",
      "Too early springs back, too late cracks.",
      "On the extension only, not on the natural nail."),
  CURE(
      Phase.BUILD,
      Scope.HAND,
      60,
      "Fingers in the lamp",
      "Only the whole time cures through.",
      "lamp",
      "All flat, none against the wall.",
      "Taking it out early.",
      "Too hot? Out at once, wait, in again. Half-cured gel on skin causes allergies."),
  CURE_THUMB(
      Phase.BUILD,
      Scope.HAND,
      60,
      "Thumb in the lamp",
      "It lies sideways among the fingers.",
      "lamp",
      "Nail facing up.",
      "Curing it with the fingers.",
      "Too hot? Out at once."),
  FORM_OFF(
      Phase.BUILD,
      Scope.HAND,
      8,
      "Form off",
      "Pinch the form together and draw it down.",
      "fingers",
      "It comes off without a pull on the nail.",
      "Tearing upwards.",
      ""),
  UNDERSIDE(
      Phase.BUILD,
      Scope.HAND,
      60,
      "Underside in the lamp",
      "The form kept the light away.",
      "lamp, palm up",
      "Underside faces the light.",
      "Forgetting it: soft product under the edge.",
      "Too hot? Out at once."),
  WIPE(
      Phase.BUILD,
      Scope.HAND,
      6,
      "Wipe the tacky layer",
      "It would clog the file and is uncured.",
      "cleanser, lint-free pad",
      "Dry to the touch.",
      "Rubbing it onto the skin.",
      "Tacky layer is uncured: gloves, away from skin."),
  OUTLINE(
      Phase.FILE,
      Scope.HAND,
      18,
      "File the free edge",
      "It gives every nail the same length.",
      "100/120, then 150",
      "Same length as its twin.",
      "One nail finished before the others are looked at.",
      "Extraction on."),
  SIDEWALLS(
      Phase.FILE,
      Scope.HAND,
      18,
      "File the sidewalls",
      "Straight on from the growth points.",
      "150",
      "Parallel, level, none wider than the growth points.",
      "Filing into the stress zone.",
      ""),
  SURFACE(
      Phase.FILE,
      Scope.HAND,
      30,
      "File the surface",
      "Cuticle, sides, over the top.",
      "150, then 180",
      "Light runs along it unbroken.",
      "Flattening the apex.",
      "Do not touch the plate beside it."),
  UNDERNEATH(
      Phase.FILE,
      Scope.HAND,
      12,
      "File edge thickness and underside",
      "Seen down the barrel the hairline is even.",
      "180",
      "An even hairline.",
      "Thinning one side.",
      ""),
  QUARTERS(
      Phase.FILE,
      Scope.HAND,
      70,
      "File quarter by quarter",
      "Each quarter is finished before the next.",
      "120, then 180",
      "Quarters meet without a ridge.",
      "Going back over the first.",
      "Extraction on."),
  TOUCH_EDGE(
      Phase.FILE,
      Scope.HAND,
      10,
      "Touch up the edge",
      "Levelling gel lies right; only the edge is filed.",
      "180",
      "Same length as its twin.",
      "Filing the surface dull for nothing.",
      ""),
  CHECK_VIEWS(
      Phase.FILE,
      Scope.HAND,
      10,
      "Turn the hand and look",
      "From above, both sides, down the barrel, from the client’s angle.",
      "eyes, a fingertip",
      "Compare with neighbours and the other hand.",
      "Filing without looking.",
      ""),
  BUFF(
      Phase.FILE,
      Scope.HAND,
      8,
      "Buff",
      "Scratches show through colour.",
      "220 buffer",
      "Even and dull.",
      "Heat from buffing in one place.",
      ""),
  CLEAN(
      Phase.FINISH,
      Scope.HAND,
      6,
      "Brush and clean",
      "Dust and oil make top coat lift.",
      "brush, cleanser",
      "Skin clean before the lamp.",
      "Touching the nails afterwards.",
      ""),
  COLOUR(
      Phase.FINISH,
      Scope.HAND,
      22,
      "Coat of colour",
      "Thin coats cure through.",
      "colour",
      "Edge capped, skin clean before the lamp.",
      "Thick coats wrinkle.",
      "No colour on skin: wipe before curing."),
  TOP(
      Phase.FINISH,
      Scope.HAND,
      18,
      "Top coat",
      "It seals everything.",
      "top coat",
      "Edge capped, nothing flooded.",
      "Missing the edge.",
      "No gel on skin: wipe before curing."),
  OIL(
      Phase.FINISH,
      Scope.SET,
      60,
      "Oil, and what to do at home",
      "Skin round the nails has been dried.",
      "cuticle oil",
      "Show the client; say when the infill is due.",
      "Oil before everything is cured.",
      "Any itching, redness or blisters later: off with it, see a doctor."),
  OWN(Phase.OWN, Scope.HAND, 10, "", "", "", "", "", "");

  /** Part of the appointment. */
  public enum Phase {
    PREPARE("Prepare"),
    REMOVE("Take off"),
    FIT("Fit"),
    BUILD("Build"),
    FILE("File"),
    FINISH("Finish"),
    OWN("Your own");

    private final String label;

    Phase(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /** What it is done for at once. */
  public enum Scope {
    SET,
    HAND,
    FINGER
  }

  private final Phase phase;
  private final Scope scope;
  private final int seconds;
  private final String title;
  private final String why;
  private final String tool;
  private final String lookFor;
  private final String mistake;
  private final String caution;

  StepKind(
      Phase phase,
      Scope scope,
      int seconds,
      String title,
      String why,
      String tool,
      String lookFor,
      String mistake,
      String caution) {
    this.phase = phase;
    this.scope = scope;
    this.seconds = seconds;
    this.title = title;
    this.why = why;
    this.tool = tool;
    this.lookFor = lookFor;
    this.mistake = mistake;
    this.caution = caution;
  }

  public Phase phase() {
    return phase;
  }

  public Scope scope() {
    return scope;
  }

  /** Usual time, s: of the whole where it is done for the set, else of one finger. */
  public int seconds() {
    return seconds;
  }

  public String title() {
    return title;
  }

  public String why() {
    return why;
  }

  /** What it is done with, unless the nail asks for something else. */
  public String tool() {
    return tool;
  }

  /** How it looks when it is right. */
  public String lookFor() {
    return lookFor;
  }

  /** What usually goes wrong. */
  public String mistake() {
    return mistake;
  }

  public Optional<String> caution() {
    return caution.isEmpty() ? Optional.empty() : Optional.of(caution);
  }

  /** The step of the preparation it belongs to, which the plan reckons with. */
  public Optional<PrepStep> prepares() {
    return switch (this) {
      case PUSH_BACK, CLEAR -> Optional.of(PrepStep.CUTICLE);
      case SHINE -> Optional.of(PrepStep.SHINE);
      case DUST -> Optional.of(PrepStep.DUST);
      case DEHYDRATE -> Optional.of(PrepStep.DEHYDRATE);
      case PRIME -> Optional.of(PrepStep.PRIMER);
      default -> Optional.empty();
    };
  }
}
