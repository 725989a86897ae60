package ongle.app.deeds;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import ongle.core.Code;

/**
 * What was done, where the part of the work does not tell by itself: the name of the method that
 * does it.
 */
public enum Act implements Code {
  ADD,
  ADD_SIZE,
  AGAIN,
  ASK,
  ASK_NO_MORE,
  BACK,
  BEGIN,
  BOOK_AS_PLANNED,
  BUILD_ANYWAY,
  CHANGE,
  COMPUTED,
  COPY,
  CORRECT,
  DONE,
  DONE_AS_LAST,
  ERASE,
  FINE,
  FIRST,
  FORGET,
  GIVE_AWAY,
  GONE,
  GOOD,
  KEEP_AT_HAND,
  LET_IN,
  MAKE,
  NOTE,
  OUT,
  OUT_EVERYWHERE,
  PUT_AWAY,
  REDO,
  REMEDY,
  REMOVE,
  REMOVE_SIZE,
  RENAME,
  RESTORE,
  RETURN_TO,
  SAID,
  SAVE,
  SEEN,
  SEEN_ON_ALL,
  SEND,
  SHUT_OUT,
  SIGN,
  SKIP,
  TAKE_OVER,
  TAKEN,
  THROW_AWAY,
  TICK,
  TWIN,
  UNDO,
  UPLOAD,
  USUAL,
  WITHDRAW;

  /** The name kept among the deeds. */
  public String action() {
    StringBuilder name = new StringBuilder();
    for (String word : name().toLowerCase(Locale.ROOT).split("_")) {
      name.append(
          name.isEmpty() ? word : Character.toUpperCase(word.charAt(0)) + word.substring(1));
    }
    return name.toString();
  }

  /** Empty where only the part of the work is said. */
  static Optional<Act> of(String action) {
    return Arrays.stream(values()).filter(act -> act.action().equals(action)).findFirst();
  }
}
