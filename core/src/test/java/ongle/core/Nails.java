package ongle.core;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import ongle.core.nail.Finger;
import ongle.core.nail.Nail;
import ongle.core.nail.PlateCondition;
import ongle.core.nail.SkinState;

/** Nails for tests: one plain, and as many different ones as a law is worth trying on. */
public final class Nails {
  private static final List<PlateCondition> CONDITIONS =
      List.of(
          PlateCondition.SOUND, PlateCondition.THIN, PlateCondition.DAMAGED, PlateCondition.BITTEN);

  private Nails() {}

  public static Nail plain() {
    return of(Finger.R3, 11.5, 12.0, 2.1);
  }

  public static Nail of(Finger finger, double width, double plateLength, double archDepth) {
    return new Nail(
        finger,
        width,
        plateLength,
        archDepth,
        0.5,
        1.5,
        0,
        0,
        1.5,
        PlateCondition.SOUND,
        SkinState.INTACT);
  }

  /** Two hundred nails over the whole range a hand can have; the same ones every time. */
  public static Stream<Nail> many() {
    Random random = new Random(20240611);
    return Stream.generate(
            () -> {
              double width = 6 + 12 * random.nextDouble();
              return new Nail(
                  Finger.values()[random.nextInt(10)],
                  width,
                  6 + 10 * random.nextDouble(),
                  width * 0.35 * random.nextDouble(),
                  2 * random.nextDouble(),
                  width * 0.3 * random.nextDouble(),
                  -10 + 20 * random.nextDouble(),
                  -8 + 16 * random.nextDouble(),
                  4 * random.nextDouble(),
                  CONDITIONS.get(random.nextInt(4)),
                  SkinState.INTACT);
            })
        .limit(200);
  }
}
