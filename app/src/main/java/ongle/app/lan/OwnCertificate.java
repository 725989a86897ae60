package ongle.app.lan;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Collection;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.TimeUnit;

/**
 * The certificate a salon makes for itself: at its first start on the network, and again before it
 * runs out or when it has other addresses. Made by the JDK's own keytool, which every JDK brings.
 */
final class OwnCertificate {
  private static final String ALIAS = "ongle";

  /** As long as browsers let a certificate last, days. */
  private static final int LASTS = 825;

  private static final Duration RENEWED_BEFORE = Duration.ofDays(30);
  private static final int PATIENCE = 60;
  private static final int SECRET_BYTES = 24;
  private static final Set<PosixFilePermission> OWN = PosixFilePermissions.fromString("rw-------");

  private final Path store;
  private final Path secret;

  /**
   * @param folder of the data; store and secret lie in it, for their owner alone
   */
  OwnCertificate(Path folder) {
    store = folder.resolve("network.p12");
    secret = folder.resolve("network.secret");
  }

  Path store() {
    return store;
  }

  String secret() throws IOException {
    return Files.readString(secret, StandardCharsets.US_ASCII);
  }

  /**
   * Sees to it that there is one for these hosts.
   *
   * @throws IOException if it could not be made
   */
  void make(Collection<String> hosts) throws IOException {
    Set<String> wanted = new TreeSet<>(hosts);
    wanted.add("localhost");
    wanted.add("127.0.0.1");
    if (Files.exists(store) && Files.exists(secret) && good(wanted)) {
      return;
    }
    byte[] random = new byte[SECRET_BYTES];
    new SecureRandom().nextBytes(random);
    Files.deleteIfExists(store);
    Files.deleteIfExists(secret);
    Files.createFile(secret, PosixFilePermissions.asFileAttribute(OWN));
    Files.writeString(secret, Base64.getUrlEncoder().withoutPadding().encodeToString(random));
    keytool(wanted);
    Files.setPosixFilePermissions(store, OWN);
  }

  private boolean good(Set<String> wanted) {
    try {
      X509Certificate made = certificate();
      Set<String> names = new TreeSet<>();
      for (List<?> name : made.getSubjectAlternativeNames()) {
        names.add(String.valueOf(name.get(1)));
      }
      return names.containsAll(wanted)
          && made.getNotAfter().toInstant().isAfter(Instant.now().plus(RENEWED_BEFORE));
    } catch (IOException | GeneralSecurityException e) {
      return false;
    }
  }

  private void keytool(Set<String> hosts) throws IOException {
    String names =
        String.join(
            ",", hosts.stream().map(host -> (numbers(host) ? "ip:" : "dns:") + host).toList());
    List<String> command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "keytool").toString(),
                "-genkeypair",
                "-alias",
                ALIAS,
                "-keyalg",
                "EC",
                "-groupname",
                "secp256r1",
                "-dname",
                "CN=Ongle",
                "-validity",
                String.valueOf(LASTS),
                "-ext",
                "san=" + names,
                "-ext",
                "eku=serverAuth",
                "-storetype",
                "PKCS12",
                "-keystore",
                store.toString(),
                "-storepass:file",
                secret.toString()));
    Process made =
        new ProcessBuilder(command)
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .start();
    try {
      if (!made.waitFor(PATIENCE, TimeUnit.SECONDS) || made.exitValue() != 0) {
        throw new IOException("keytool made no certificate for " + names);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IOException(e);
    }
  }

  private static boolean numbers(String host) {
    try {
      return host.matches("[0-9.]+") && InetAddress.getByName(host) != null;
    } catch (UnknownHostException e) {
      return false;
    }
  }

  X509Certificate certificate() throws IOException, GeneralSecurityException {
    KeyStore keys = KeyStore.getInstance("PKCS12");
    try (InputStream file = Files.newInputStream(store)) {
      keys.load(file, secret().toCharArray());
    }
    return (X509Certificate) keys.getCertificate(ALIAS);
  }

  /** What a device shows of it, to be compared by eye: SHA-256 in pairs. */
  String fingerprint() {
    try {
      return HexFormat.ofDelimiter(" ")
          .withUpperCase()
          .formatHex(MessageDigest.getInstance("SHA-256").digest(certificate().getEncoded()));
    } catch (IOException | GeneralSecurityException e) {
      return "";
    }
  }
}
