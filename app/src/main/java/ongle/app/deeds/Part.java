package ongle.app.deeds;

import java.util.Arrays;
import java.util.Optional;
import ongle.core.Code;

/** The part of the work something belongs to: the package its page lies in. */
public enum Part implements Code {
  /** Somebody signed in. */
  SIGNED_IN,
  /** Somebody tried to, with what was not theirs. */
  KEPT_OUT,
  BENCH,
  CHECK,
  CLIENTS,
  CONSENT,
  DOOR,
  EXCHANGE,
  FIT,
  FRAME,
  KEEPING,
  KITS,
  LAN,
  LAMPS,
  LAYERS,
  MEASURE,
  PHOTO,
  PRIVACY,
  PRODUCTS,
  SALON,
  SHAPE,
  SHELF,
  STANDIN,
  STRUCTURE,
  TIMES,
  TODAY,
  WEAR,
  WEB;

  /** Of a class; empty where nothing is done by pages. */
  public static Optional<Part> of(Class<?> type) {
    String room = type.getPackageName();
    String name = room.substring(room.lastIndexOf('.') + 1);
    return Arrays.stream(values()).filter(part -> part.name().equalsIgnoreCase(name)).findFirst();
  }
}
