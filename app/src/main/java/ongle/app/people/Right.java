package ongle.app.people;

/** What somebody may do. */
public enum Right {
  /** Open to everybody who can reach Ongle: signing in, and how a browser likes to look. */
  NONE,
  /** Asking the plan service, which stores nothing. */
  SERVICE,
  /** The book, clients' names and when they are due; nothing about their health. */
  BOOK,
  /** Everything about hands: findings, plans, the bench, checks, wear. */
  HANDS,
  /** To build although something speaks against it. */
  OVERRULE,
  /** Kits, shelf, products, lamps, layers. */
  STOCK,
  /** The salon itself: its people, figures, backups, and who did what. */
  SALON
}
