package mellow.server.bay;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mellow.server.aim.FloorView;
import mellow.server.logbook.ReadingView;

/** A bay with all that its page shows. */
@Schema(description = "A bay with its readings and the floor that follows from them.")
public record BayPage(BayView bay, List<ReadingView> readings, FloorView floor) {}
