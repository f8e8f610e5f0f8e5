package mellow.server.feed.service;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Situation;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;
import mellow.core.circuit.solve.SpiceNetlist;
import mellow.core.feed.BatteryTimeline;
import mellow.core.feed.DonorSlot;
import mellow.core.feed.DrivingState;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.JointPlan;
import mellow.core.feed.OpenItem;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.sheet.FeedSheet;
import mellow.core.feed.sheet.FeedWork;
import mellow.core.feed.sheet.MeterReading;
import mellow.core.feed.sheet.NodeWorking;
import mellow.core.feed.sheet.Proposal;
import mellow.core.feed.sheet.TimedBattery;
import mellow.core.feed.sheet.Wish;
import mellow.core.finding.Caution;
import mellow.core.formats.FactoryBook;
import mellow.core.formats.StepBook;
import mellow.core.measure.UnitSystem;
import mellow.core.record.JobDocument;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.MarkFamily;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.core.workflow.Step;
import mellow.core.workflow.WorkKind;
import mellow.core.workshop.WiredFeed;
import mellow.server.feed.FeedEdit;
import mellow.server.feed.FeedEdit.ChosenPlan;
import mellow.server.feed.FeedPage;
import mellow.server.feed.FeedPage.StateWords;
import mellow.server.feed.FeedView;
import mellow.server.feed.FeedWords;
import mellow.server.feed.NodeView;
import mellow.server.feed.PhaseWords;
import mellow.server.feed.ProposalView;
import mellow.server.feed.RouteEdit;
import mellow.server.feed.RouteView;
import mellow.server.feed.SolvedView;
import mellow.server.feed.SourceEdit;
import mellow.server.feed.SourceView;
import mellow.server.feed.paper.WiringSheet;
import mellow.server.feed.paper.WiringSvg;
import mellow.server.job.JobBrief;
import mellow.server.job.JobFacts;
import mellow.server.job.JobSheets;
import mellow.server.job.Jobs;
import mellow.server.job.KeptAtEachChange;
import mellow.server.job.StageReporter;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.record.Differences;
import mellow.server.rulebook.RuleBooks;
import mellow.server.sheet.Kept;
import mellow.server.sheet.Sheets;
import mellow.server.takein.WantedWork;
import mellow.server.wire.CautionView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps how a job's lamps are fed, and judges it. */
@Service
public class Feeds implements StageReporter, KeptAtEachChange<FeedEdit> {
  /** Said in the reader\'s language: it stands among the words of shipped data. */
  private static final String SECOND_SOURCE = "a second source is still connected";

  private static final int EARLIER_JOBS = 20;

  private final Jobs jobs;
  private final Sheets sheets;
  private final JobSheets jobSheets;
  private final RuleBooks books;
  private final WantedWork wanted;
  private final FeedPlans plans;
  private final WorkedFeeds worked;

  /** Asked for late: the workshop, which knows of it, asks for feeds. */
  private final ObjectProvider<BatteryElsewhere> elsewhere;

  Feeds(
      Jobs jobs,
      Sheets sheets,
      JobSheets jobSheets,
      RuleBooks books,
      WantedWork wanted,
      FeedPlans plans,
      WorkedFeeds worked,
      ObjectProvider<BatteryElsewhere> elsewhere) {
    this.jobs = jobs;
    this.sheets = sheets;
    this.jobSheets = jobSheets;
    this.books = books;
    this.wanted = wanted;
    this.plans = plans;
    this.worked = worked;
    this.elsewhere = elsewhere;
  }

  /** The page of the stage. */
  public FeedPage page(Acting acting, String jobId) {
    JobBrief job = jobs.brief(acting, jobId);
    Optional<Kept<FeedEdit>> kept = sheets.of(acting, jobId, JobDocument.FEED, FeedEdit.class);
    FeedEdit edit = kept.map(Kept::content).orElse(FeedEdit.NOTHING);
    ChosenPlan chosen = edit.plan();
    return new FeedPage(
        job.job(),
        job.vehicle(),
        kept.map(Kept::version).orElse(0),
        edit,
        kept.map(Kept::changedBy).orElse(""),
        kept.map(Kept::changedAt).orElse(null),
        chosen == null ? null : view(acting, edit, chosen, market(acting, job)),
        plans.all(acting).stream().map(FeedView.PlanBrief::of).toList(),
        Arrays.stream(DrivingState.values())
            .map(state -> new StateWords(state, Spoken.term(state)))
            .toList(),
        functions(wanted.of(acting, jobId)),
        edit.sources().stream().map(SourceView::of).toList(),
        edit.routes().stream().map(RouteView::of).toList(),
        known(acting, job),
        slots(acting, job),
        battery(edit, elsewhere(jobId)).isLive(),
        elsewhere(jobId).stream().map(FeedEdit.BatteryEdit::of).toList(),
        cautions());
  }

  private List<TimedBattery> elsewhere(String jobId) {
    return elsewhere.stream()
        .flatMap(one -> one.ofJobs(List.of(jobId)).getOrDefault(jobId, List.of()).stream())
        .toList();
  }

  private static BatteryTimeline battery(FeedEdit edit, List<TimedBattery> elsewhere) {
    return TimedBattery.timeline(TimedBattery.joined(edit.timed(), elsewhere));
  }

  private static List<LampFunction> functions(Set<WorkKind> kinds) {
    Set<LampFunction> functions = new TreeSet<>();
    for (WorkKind kind : kinds) {
      switch (kind) {
        case FOG -> functions.add(LampFunction.FRONT_FOG);
        case DRL -> functions.add(LampFunction.DRL);
        case PODS -> functions.add(LampFunction.DRIVING);
        case SWAP, RETROFIT, REPAIR -> {
          functions.add(LampFunction.DIPPED);
          functions.add(LampFunction.MAIN);
        }
        case REWIRE, AIM -> {}
      }
    }
    return functions.isEmpty() ? List.of(LampFunction.FRONT_FOG) : List.copyOf(functions);
  }

  private static List<CautionView> cautions() {
    return StepBook.all().stream()
        .filter(step -> step.stage() == Stage.FEED || step.id().equals("apart.negative"))
        .map(Step::cautions)
        .flatMap(List<Caution>::stream)
        .distinct()
        .map(CautionView::of)
        .toList();
  }

  private List<SourceView> known(Acting acting, JobBrief job) {
    List<String> earlier =
        jobs.alike(acting, job, EARLIER_JOBS).stream()
            .filter(other -> other.vehicle().id().equals(job.vehicle().id()))
            .map(other -> other.job().id())
            .toList();
    List<SourceView> known = new ArrayList<>();
    sheets
        .ofJobs(acting, earlier, JobDocument.FEED, FeedEdit.class)
        .values()
        .forEach(edit -> edit.sources().forEach(source -> known.add(SourceView.of(source))));
    return known;
  }

  /** What earlier jobs on such vehicles tapped; the map of the fuse box changes with the year. */
  private List<FeedPage.KnownSlot> slots(Acting acting, JobBrief job) {
    Map<String, JobBrief> earlier = new LinkedHashMap<>();
    jobs.alike(acting, job, EARLIER_JOBS).forEach(other -> earlier.put(other.job().id(), other));
    List<FeedPage.KnownSlot> slots = new ArrayList<>();
    sheets
        .ofJobs(acting, earlier.keySet(), JobDocument.FEED, FeedEdit.class)
        .forEach(
            (id, edit) ->
                namedSlots(acting, edit)
                    .forEach(
                        slot ->
                            slots.add(
                                FeedPage.KnownSlot.of(
                                    slot,
                                    earlier.get(id).vehicle().modelYear(),
                                    job.vehicle().modelYear()))));
    return slots.stream().distinct().toList();
  }

  /** The slots that a feed's taps sit in, as far as they were named. */
  private List<DonorSlot> namedSlots(Acting acting, FeedEdit edit) {
    if (edit.plan() == null) {
      return List.of();
    }
    try {
      return DonorSlot.of(planned(acting, edit.plan())).stream()
          .filter(DonorSlot::isNamed)
          .toList();
    } catch (Refusal cannotBeRead) {
      // another job's plan that cannot be read is no reason to show nothing of this one
      return List.of();
    }
  }

  /** The names of the slots that a job's taps sit in. */
  public List<String> donorSlots(Acting acting, String jobId) {
    return kept(acting, jobId).map(edit -> namedSlots(acting, edit)).orElse(List.of()).stream()
        .map(DonorSlot::name)
        .toList();
  }

  private Optional<MarkFamily> market(Acting acting, JobBrief job) {
    return RuleBooks.aimSet(books.ofJob(acting, job.job().id()), job.job().ruleSet()).marks();
  }

  /** What was kept of a job's feed; empty where nothing was. */
  public Optional<FeedEdit> kept(Acting acting, String jobId) {
    return sheets.of(acting, jobId, JobDocument.FEED, FeedEdit.class).map(Kept::content);
  }

  /** The file of the plan that a job stands on, where it is one of the shop's own. */
  public Optional<String> ownPlan(Acting acting, @Nullable ChosenPlan plan) {
    return plan == null ? Optional.empty() : plans.ownFile(acting, plan.id(), plan.version());
  }

  /** The same of the plans that stand beside it, by their tags. */
  public Map<String, String> ownBeside(Acting acting, FeedEdit edit) {
    Map<String, String> own = new TreeMap<>();
    ChosenPlan plan = edit.plan();
    if (plan != null) {
      for (FeedEdit.BesidePlan one : plan.others()) {
        plans.ownFile(acting, one.id(), one.version()).ifPresent(file -> own.put(one.tag(), file));
      }
    }
    return own;
  }

  /** Keeps a plan that came beside another, and what is settled of the job on it. */
  public FeedEdit bringBeside(Acting acting, FeedEdit edit, String tag, String plan) {
    FeedPlan brought = plans.bring(acting, plan);
    return edit.besidePlan(tag, brought.id(), brought.version());
  }

  /** Keeps a circuit that came with a job to be searched, and what was chosen of it. */
  public ChosenPlan bring(Acting acting, ChosenPlan chosen, String plan) {
    FeedPlan brought = plans.bring(acting, plan);
    return new ChosenPlan(brought.id(), brought.version(), chosen.answers(), chosen.changes());
  }

  /** Keeps a plan that came with a job, and what is settled of the job on it. */
  public FeedEdit bring(Acting acting, FeedEdit edit, String plan) {
    FeedPlan brought = plans.bring(acting, plan);
    return edit.onPlan(brought.id(), brought.version());
  }

  @Override
  public JobDocument document() {
    return JobDocument.FEED;
  }

  @Override
  public FeedEdit before(Acting acting, String jobId) {
    return FeedEdit.NOTHING;
  }

  /** Keeps the feed. */
  @Transactional
  public FeedPage put(Acting acting, String jobId, int version, FeedEdit edit) {
    // before anything is read: a snapshot from before another's change would not see it
    jobs.holdEvenClosed(acting, jobId);
    edit.checkBattery(
        kept(acting, jobId).map(FeedEdit::battery).orElse(List.of()), elsewhere(jobId));
    edit.sources().forEach(SourceEdit::core);
    edit.routes().forEach(RouteEdit::core);
    edit.hazards().forEach(RouteEdit.HazardEdit::core);
    if (edit.plan() != null) {
      refuseUnlessSound(work(acting, edit, edit.plan()));
    }
    jobSheets.keep(acting, jobId, this, version, edit, () -> stale(acting, jobId, edit));
    return page(acting, jobId);
  }

  private static void refuseUnlessSound(FeedWork work) {
    try {
      work.findings();
    } catch (FeedProblem problem) {
      throw refused(problem);
    }
  }

  private Refusal stale(Acting acting, String jobId, FeedEdit mine) {
    FeedPage current = page(acting, jobId);
    return Differences.stale(current.changedBy(), current, current.feed(), mine);
  }

  /** The chosen plan of a job that was kept, or a refusal. */
  PlannedFeed keptFeed(Acting acting, String jobId) {
    jobs.brief(acting, jobId);
    ChosenPlan plan =
        sheets
            .of(acting, jobId, JobDocument.FEED, FeedEdit.class)
            .map(Kept::content)
            .orElse(FeedEdit.NOTHING)
            .plan();
    if (plan == null) {
      throw Refusal.unprocessable("plan", FeedWords.noPlanYet());
    }
    return planned(acting, plan);
  }

  /** All circuits that may be searched: those of the factory, then the plans. */
  public List<FeedPlan> circuits(Acting acting) {
    return Stream.concat(FactoryBook.all().stream(), plans.all(acting).stream()).toList();
  }

  /** Whether anything of a job is live, by its own battery or a helper one. */
  public boolean isLive(Acting acting, String jobId) {
    return battery(kept(acting, jobId).orElse(FeedEdit.NOTHING), elsewhere(jobId)).isLive();
  }

  /** A feed drawn and solved in every state, without what is judged of it. */
  public FeedView drawn(PlannedFeed feed) {
    try {
      return FeedView.of(FeedSheet.of(feed, Optional.empty()), List.of());
    } catch (FeedProblem problem) {
      throw refused(problem);
    }
  }

  /** A plan answered and changed, or a refusal that names what cannot be. */
  public PlannedFeed planned(Acting acting, ChosenPlan plan) {
    try {
      List<JointPlan.Beside> beside = new ArrayList<>();
      for (FeedEdit.BesidePlan one : plan.others()) {
        if (beside.stream().anyMatch(other -> other.tag().equals(one.tag()))) {
          throw Refusal.unprocessable("plan", FeedWords.sameTag(one.tag()));
        }
        beside.add(
            new JointPlan.Beside(
                one.tag(), plans.one(acting, one.id(), one.version()), one.pair()));
      }
      return worked.planned(
          plans.one(acting, plan.id(), plan.version()), beside, plan.answers(), plan.changes());
    } catch (FeedProblem problem) {
      throw refused(problem);
    }
  }

  static Refusal refused(FeedProblem problem) {
    return Refusal.unprocessable(problem.place(), problem.says());
  }

  private FeedWork work(Acting acting, FeedEdit edit, ChosenPlan plan) {
    List<MeterReading> readings = edit.readings().stream().map(FeedEdit.MeterEdit::core).toList();
    List<OpenItem> open =
        new ArrayList<>(edit.open().stream().map(FeedEdit.OpenEdit::core).toList());
    if (battery(edit, List.of()).secondOn()) {
      open.add(new OpenItem("second", OpenItem.Kind.TEMPORARY, SECOND_SOURCE, false));
    }
    return new FeedWork(
        planned(acting, plan),
        edit.routes().stream().map(RouteEdit::core).toList(),
        edit.hazards().stream().map(RouteEdit.HazardEdit::core).toList(),
        readings,
        open);
  }

  private WorkedFeeds.Judged judged(FeedWork work, Optional<MarkFamily> market) {
    try {
      return worked.judged(work, market);
    } catch (FeedProblem problem) {
      throw refused(problem);
    }
  }

  private FeedView view(
      Acting acting, FeedEdit edit, ChosenPlan plan, Optional<MarkFamily> market) {
    WorkedFeeds.Judged judged = judged(work(acting, edit, plan), market);
    try {
      return FeedView.of(judged.sheet(), judged.findings());
    } catch (FeedProblem problem) {
      throw refused(problem);
    }
  }

  /** An edit that is not kept, judged. */
  FeedView judge(Acting acting, String jobId, FeedEdit edit) {
    ChosenPlan plan = edit.plan();
    if (plan == null) {
      throw Refusal.unprocessable("plan", FeedWords.noPlanToJudge());
    }
    return view(acting, edit, plan, market(acting, jobs.brief(acting, jobId)));
  }

  /** An edit's circuit with the controls in one position. */
  SolvedView solve(Acting acting, ChosenPlan plan, Controls controls) {
    return SolvedView.of(planned(acting, plan), controls);
  }

  /** How the voltage of a node comes about. */
  NodeView node(Acting acting, ChosenPlan plan, Controls controls, String node) {
    try {
      return NodeView.of(NodeWorking.of(planned(acting, plan), controls, node));
    } catch (FeedProblem problem) {
      throw refused(problem);
    }
  }

  /** The plans that do what is wished, the nearest first. */
  List<ProposalView> proposals(
      Acting acting, String jobId, List<Wish> wishes, Map<String, String> known) {
    if (wishes.isEmpty()) {
      throw Refusal.unprocessable("wishes", FeedWords.wishFirst());
    }
    try {
      return Proposal.of(
              plans.all(acting), wishes, known, market(acting, jobs.brief(acting, jobId)))
          .stream()
          .map(ProposalView::of)
          .toList();
    } catch (FeedProblem problem) {
      throw refused(problem);
    }
  }

  /**
   * The circuit of a state as a netlist, with what moves by itself in the state that it settles in.
   *
   * @param phase of what is pulsed, the first with all of it closed
   */
  static String netlist(PlannedFeed feed, DrivingState state, int phase) {
    Solution solution = new Solver(feed.circuit()).solve(state.controls());
    if (phase > solution.phases().size()) {
      throw Refusal.unprocessable("phase", FeedWords.phases(solution.phases().size(), phase));
    }
    Solution.Phase at = solution.phases().get(phase - 1);
    return SpiceNetlist.of(
        feed.circuit(),
        new Situation(solution.controls(), solution.states(), at.off()),
        title(feed, state)
            + (solution.phases().size() > 1
                ? ", " + Spoken.text(PhaseWords.of(at), UnitSystem.METRIC)
                : ""));
  }

  /** The same over time: what is pulsed opens and closes. */
  static String netlistOverTime(PlannedFeed feed, DrivingState state) {
    return SpiceNetlist.overTime(
        feed.circuit(),
        new Solver(feed.circuit()).solve(state.controls()),
        title(feed, state) + ", " + Spoken.words(FeedWords.overPeriod()));
  }

  private static String title(PlannedFeed feed, DrivingState state) {
    return Spoken.typed(feed.plan().title()) + ", " + Spoken.term(state);
  }

  /**
   * What is printed and handed on of a job's feed.
   *
   * @param wiring what is printed of it
   * @param svg the circuit
   * @param netlists of its states, by the state's name
   * @param bill its parts, in words
   */
  public record Papers(
      WiringSheet wiring, byte[] svg, Map<DrivingState, String> netlists, List<String> bill) {}

  /** The papers of a job; empty while no plan was taken. */
  public Optional<Papers> papers(Acting acting, String jobId) {
    FeedPage page = page(acting, jobId);
    FeedView sheet = page.sheet();
    if (sheet == null) {
      return Optional.empty();
    }
    PlannedFeed feed = keptFeed(acting, jobId);
    Map<DrivingState, String> netlists = new EnumMap<>(DrivingState.class);
    for (DrivingState state : feed.plan().states()) {
      netlists.put(state, netlist(feed, state, 1));
    }
    return Optional.of(
        new Papers(
            WiringSheet.of(sheet, page, page.job().units()),
            WiringSvg.of(sheet),
            netlists,
            sheet.bill().stream().map(line -> line.count() + " × " + line.what()).toList()));
  }

  /** Of some jobs, by job; a job without a feed is left out. */
  public Map<String, WiredFeed> wired(Acting acting, Collection<String> jobIds) {
    Map<String, WiredFeed> wired = new HashMap<>();
    sheets
        .ofJobs(acting, jobIds, JobDocument.FEED, FeedEdit.class)
        .forEach(
            (id, edit) -> {
              Optional<PlannedFeed> planned =
                  Optional.ofNullable(edit.plan()).map(plan -> planned(acting, plan));
              wired.put(id, new WiredFeed(planned, planned.map(worked::proof), edit.timed()));
            });
    return wired;
  }

  @Override
  public Map<String, List<StageStanding>> standings(Acting acting, Collection<JobFacts> facts) {
    return jobSheets.standings(
        acting,
        facts,
        JobDocument.FEED,
        FeedEdit.class,
        (edit, of) ->
            StageStanding.of(
                Stage.FEED,
                edit.plan() != null,
                edit.plan() == null
                    ? List.of()
                    : judged(work(acting, edit, edit.plan()), of.market().marks()).findings()));
  }
}
