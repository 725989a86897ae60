package ongle.app.people;

import java.security.SecureRandom;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A new password for an owner who lost theirs, given at the computer the data and its key lie on:
 * nobody in the salon could give them one.
 */
public final class LostPassword {
  /** Easily told apart and typed on any keyboard. */
  private static final String LETTERS = "abcdefghkmnpqrstuvwx";

  private static final int GROUPS = 4;
  private static final int GROUP = 5;

  private static final String OWNERS = " from person where role = 'OWNER' and put_away = false";

  private LostPassword() {}

  /** The names of those who own the salon. */
  public static List<String> owners(Connection data) throws SQLException {
    List<String> names = new ArrayList<>();
    try (PreparedStatement asks = data.prepareStatement("select name" + OWNERS + " order by name");
        ResultSet found = asks.executeQuery()) {
      while (found.next()) {
        names.add(found.getString(1));
      }
    }
    return names;
  }

  /**
   * Gives the owner of that name a new one, to be changed once signed in; signed out everywhere,
   * and on record. Their phone is asked for no code until they set that up anew.
   */
  public static String anew(Connection data, String owner, LocalDateTime at) throws SQLException {
    String password = made();
    data.setAutoCommit(false);
    try (PreparedStatement asks =
            data.prepareStatement("select id" + OWNERS + " and name = ? order by id");
        PreparedStatement gives =
            data.prepareStatement(
                "update person set secret = ?, wrong = 0, barred_until = null, code_key = null,"
                    + " code_step = null, version = version + 1 where id = ?");
        PreparedStatement ends =
            data.prepareStatement("delete from spring_session where principal_name = ?");
        PreparedStatement notes =
            data.prepareStatement(
                "insert into deed (done_at, person, kind, action, detail)"
                    + " values (?, '', 'DOOR', 'lostPassword', ?)")) {
      asks.setString(1, owner);
      try (ResultSet found = asks.executeQuery()) {
        found.next();
        gives.setString(1, Secret.hashed(password));
        gives.setLong(2, found.getLong(1));
        ends.setString(1, String.valueOf(found.getLong(1)));
      }
      gives.executeUpdate();
      ends.executeUpdate();
      notes.setTimestamp(1, Timestamp.valueOf(at.truncatedTo(ChronoUnit.SECONDS)));
      notes.setString(2, owner);
      notes.executeUpdate();
    }
    data.commit();
    return password;
  }

  private static String made() {
    SecureRandom chance = new SecureRandom();
    return IntStream.range(0, GROUPS)
        .mapToObj(
            group ->
                chance
                    .ints(GROUP, 0, LETTERS.length())
                    .mapToObj(letter -> LETTERS.substring(letter, letter + 1))
                    .collect(Collectors.joining()))
        .collect(Collectors.joining("-"));
  }
}
