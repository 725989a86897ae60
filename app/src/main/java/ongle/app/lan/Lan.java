package ongle.app.lan;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Whether other devices of the salon may come, and by which addresses. An address in numbers is
 * this computer's own; a name has to be told, so that no stranger's name leads here.
 */
@Component
public class Lan {
  private final boolean open;
  private final Set<String> names;
  private final int port;
  private final String certificate;
  private final String key;

  Lan(
      @Value("${ongle.lan:false}") boolean open,
      @Value("${ongle.hosts:}") Set<String> names,
      @Value("${server.port}") int port,
      @Value("${ongle.certificate:}") String certificate,
      @Value("${ongle.certificate-key:}") String key) {
    this.open = open;
    this.names = names;
    this.port = port;
    this.certificate = certificate;
    this.key = key;
  }

  public boolean open() {
    return open;
  }

  String certificate() {
    return certificate;
  }

  String key() {
    return key;
  }

  /** Names and addresses in numbers it answers to besides this computer's own. */
  Set<String> hosts() {
    Set<String> hosts = new LinkedHashSet<>(names);
    hosts.addAll(ownAddresses());
    return hosts;
  }

  /** Where another device finds it, the told names first. */
  List<String> addresses() {
    return hosts().stream().map(host -> "https://" + host + ":" + port).toList();
  }

  private static List<String> ownAddresses() {
    List<String> own = new ArrayList<>();
    try {
      for (NetworkInterface each : Collections.list(NetworkInterface.getNetworkInterfaces())) {
        for (InetAddress address : Collections.list(each.getInetAddresses())) {
          if (address instanceof Inet4Address && !address.isLoopbackAddress()) {
            own.add(address.getHostAddress());
          }
        }
      }
    } catch (SocketException none) {
      return List.of();
    }
    return own;
  }
}
