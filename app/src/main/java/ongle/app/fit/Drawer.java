package ongle.app.fit;

import ongle.app.editing.Change;
import ongle.app.editing.SetEditor;
import ongle.app.kits.KitEditor;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.planning.PlannedSet;
import ongle.app.planning.SetReader;
import ongle.app.visits.VisitPlanner;
import ongle.core.plan.PickingList;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The drawer the tips and forms lie in: what a set takes is counted out once. */
@Service
class Drawer {
  private final SetReader reader;
  private final SetEditor editor;
  private final KitEditor kits;
  private final VisitPlanner visits;

  Drawer(SetReader reader, SetEditor editor, KitEditor kits, VisitPlanner visits) {
    this.visits = visits;
    this.reader = reader;
    this.editor = editor;
    this.kits = kits;
  }

  /**
   * Counts out what the picking list of its visit says, substitutes too; a second time does
   * nothing.
   */
  @Needs(Right.HANDS)
  @Transactional
  void takeOut(long setId) {
    PlannedSet planned = reader.planned(setId);
    if (planned.set().getTakenOutAt() != null) {
      return;
    }
    for (PickingList.Line line :
        PickingList.of(planned.plan(), visits.of(planned).plan().fitted()).lines()) {
      if (line.usedUp()) {
        kits.takeOut(line.item().kit(), line.item().number(), line.pieces());
      }
      line.without().stream()
          .flatMap(each -> each.tip().stream())
          .forEach(tip -> kits.takeOut(tip.kit().code(), tip.number(), 1));
    }
    editor.note(setId, Change.takenOut());
  }
}
