package mellow.server.takein;

import java.util.Set;
import mellow.core.record.JobDocument;
import mellow.core.workflow.WorkKind;
import mellow.server.platform.Acting;
import mellow.server.sheet.Kept;
import mellow.server.sheet.Sheets;
import org.springframework.stereotype.Service;

/** What is wanted of a job, for the stages that start from it. */
@Service
public class WantedWork {
  private final Sheets sheets;

  WantedWork(Sheets sheets) {
    this.sheets = sheets;
  }

  /** The kinds of work; empty while not said. */
  public Set<WorkKind> of(Acting acting, String jobId) {
    return sheets
        .of(acting, jobId, JobDocument.TAKE_IN, TakeInEdit.class)
        .map(Kept::content)
        .map(TakeInEdit::kinds)
        .orElse(Set.of());
  }
}
