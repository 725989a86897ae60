package ongle.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Whoever sends slowly holds up nobody else. */
@SpringBootTest(
    webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
    properties = {
      "spring.datasource.url=jdbc:h2:mem:${random.uuid};DB_CLOSE_DELAY=-1",
      "ongle.data-dir=unused",
      "ongle.demo=true"
    })
class SlowSendersTest {
  private static final int SENDERS = 300;

  @LocalServerPort private int port;

  @Test
  void threeHundredFormsThatNeverEndLeaveThePagesAnswered() throws Exception {
    List<Socket> slow = new ArrayList<>();
    try {
      for (int i = 0; i < SENDERS; i++) {
        slow.add(halfAForm());
      }
      TimeUnit.SECONDS.sleep(1);
      HttpResponse<String> page =
          HttpClient.newHttpClient()
              .send(
                  HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/sign-in"))
                      .timeout(Duration.ofSeconds(5))
                      .build(),
                  HttpResponse.BodyHandlers.ofString());
      assertThat(page.statusCode()).isEqualTo(200);
    } finally {
      for (Socket each : slow) {
        each.close();
      }
    }
  }

  private Socket halfAForm() throws IOException {
    Socket socket = new Socket("127.0.0.1", port);
    socket
        .getOutputStream()
        .write(
            ("POST /clients HTTP/1.1\r\nHost: 127.0.0.1:"
                    + port
                    + "\r\nOrigin: http://127.0.0.1:"
                    + port
                    + "\r\nContent-Type: application/x-www-form-urlencoded\r\n"
                    + "Content-Length: 5000\r\n\r\nname=")
                .getBytes(StandardCharsets.US_ASCII));
    return socket;
  }
}
