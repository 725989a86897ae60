package ongle.app.lan;

import java.io.FileNotFoundException;
import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import ongle.app.people.People;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.Ssl;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.server.servlet.ConfigurableServletWebServerFactory;
import org.springframework.stereotype.Component;

/**
 * Opens the door to the network, if it was asked for: by TLS alone, and only once the salon has an
 * owner, or whoever came first would be it.
 */
@Component
class OnTheNetwork
    implements WebServerFactoryCustomizer<ConfigurableServletWebServerFactory>,
        SmartInitializingSingleton {
  private final Lan lan;
  private final People people;
  private final Path folder;

  OnTheNetwork(Lan lan, People people, @Value("${ongle.data-dir}") Path folder) {
    this.lan = lan;
    this.people = people;
    this.folder = folder;
  }

  @Override
  public void customize(ConfigurableServletWebServerFactory server) {
    if (!lan.open()) {
      return;
    }
    try {
      Ssl tls = new Ssl();
      if (lan.certificate().isEmpty()) {
        OwnCertificate own = new OwnCertificate(folder.toAbsolutePath());
        own.make(lan.hosts());
        tls.setKeyStore(own.store().toUri().toString());
        tls.setKeyStorePassword(own.secret());
        tls.setKeyStoreType("PKCS12");
      } else {
        for (String file : new String[] {lan.certificate(), lan.key()}) {
          if (!Files.isReadable(Path.of(file))) {
            throw new FileNotFoundException(file);
          }
        }
        tls.setCertificate(Path.of(lan.certificate()).toAbsolutePath().toUri().toString());
        tls.setCertificatePrivateKey(Path.of(lan.key()).toAbsolutePath().toUri().toString());
      }
      tls.setEnabledProtocols(new String[] {"TLSv1.3", "TLSv1.2"});
      server.setSsl(tls);
      server.setAddress(InetAddress.getByName("0.0.0.0"));
    } catch (IOException e) {
      throw CannotOpen.withoutCertificate(e);
    }
  }

  /** Before anybody can ask. */
  @Override
  public void afterSingletonsInstantiated() {
    if (lan.open() && people.ownerless()) {
      throw CannotOpen.ownerless();
    }
  }
}
