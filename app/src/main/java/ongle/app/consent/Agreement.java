package ongle.app.consent;

import ongle.core.Code;

/** What can be agreed to. */
public enum Agreement implements Code {
  /** That what is found on the hands is kept, health included. */
  RECORD,
  /** That hands and nails are pictured. */
  PICTURES
}
