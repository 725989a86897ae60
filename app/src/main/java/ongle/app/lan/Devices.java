package ongle.app.lan;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import ongle.app.people.Needs;
import ongle.app.people.Present;
import ongle.app.people.Right;
import ongle.app.people.Tokens;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.util.WebUtils;

/**
 * The salon's own devices. A PIN is short: it is taken at this computer and at devices the owner
 * let in, and nowhere else. A device comes by a code that is good once and not for long.
 */
@Service
public class Devices {
  static final String COOKIE = "device";

  /** How long a code waits for its device. */
  static final Duration WAITS = Duration.ofMinutes(10);

  private final DeviceRepository devices;

  Devices(DeviceRepository devices) {
    this.devices = devices;
  }

  @Needs(Right.SALON)
  @Transactional(readOnly = true)
  public List<Device> all() {
    return devices.findByGoneFalseAndHashIsNotNullOrderById();
  }

  /**
   * A code for a device to come by.
   *
   * @param name what the salon calls it
   */
  @Needs(Right.SALON)
  @Transactional
  public String code(String name) {
    String code = Tokens.made();
    devices.save(new Device(name.strip(), Tokens.hash(code), now().plus(WAITS), Present.called()));
    return code;
  }

  /** It is let in no longer. */
  @Needs(Right.SALON)
  @Transactional
  public void shutOut(long id) {
    devices.findById(id).ifPresent(Device::shutOut);
  }

  /**
   * Lets the device in that comes by this code.
   *
   * @return what it keeps from now on; empty if the code is none, was used, or is too old
   */
  @Transactional
  public Optional<String> comes(String code) {
    LocalDateTime now = now();
    return devices
        .findByCodeHashAndGoneFalse(Tokens.hash(code))
        .filter(device -> device.waits(now))
        .map(
            device -> {
              String kept = Tokens.made();
              device.came(Tokens.hash(kept), now);
              return kept;
            });
  }

  /** Whether a PIN is taken there: at this computer, or at a device that was let in. */
  @Transactional(readOnly = true)
  public boolean takesPins(HttpServletRequest request) {
    Cookie kept = WebUtils.getCookie(request, COOKIE);
    return here(request)
        || kept != null && devices.findByHashAndGoneFalse(Tokens.hash(kept.getValue())).isPresent();
  }

  private static boolean here(HttpServletRequest request) {
    try {
      return InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress();
    } catch (UnknownHostException e) {
      return false;
    }
  }

  private static LocalDateTime now() {
    return LocalDateTime.now().truncatedTo(ChronoUnit.SECONDS);
  }
}
