package ongle.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A button sends what stands on it, whatever that is. */
class SendingTest {
  @Test
  void aTipNumberWithAQuotationMarkIsSentAsItIs() {
    assertThat(new Sending.OnEveryPage().sending().of("number", "5\"}, {\"kit\": \"x", "by", -1))
        .isEqualTo("{\"number\":\"5\\\"}, {\\\"kit\\\": \\\"x\",\"by\":\"-1\"}");
  }
}
