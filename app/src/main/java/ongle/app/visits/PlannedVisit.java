package ongle.app.visits;

import ongle.app.planning.PlannedSet;
import ongle.core.bench.BenchPlan;

/** A set, how it is carried out, and the appointment that makes. */
public record PlannedVisit(PlannedSet planned, VisitChoices choices, BenchPlan plan) {}
