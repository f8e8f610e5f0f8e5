package mellow.benchmarks;

/** A request for a judgement, as the page sends it while a cutoff is dragged. */
final class Sample {
  private Sample() {}

  static String wallRequest() {
    return """
    {"setup":{"traffic":"RIGHT","ruleSet":"un-r48","units":"METRIC","school":"RULE",
      "labelPercent":-1.2,"stanceChanged":false,"frontClosed":true,"markEdge":"UPPER",
      "markOrigin":"MEASURED","tapeWidthMm":25,"dipped":"UN_DIPPED","steeperByMaker":false,
      "adjusters":[{"id":"v","lamp":"DIPPED","side":"RIGHT","axis":"VERTICAL","reach":"ALWAYS"}]},
     "readings":[
      {"kind":"DISTANCE","side":"LEFT","value":7600},{"kind":"DISTANCE","side":"RIGHT","value":7640},
      {"kind":"CENTRE","side":"LEFT","value":668},{"kind":"CENTRE","side":"RIGHT","value":671},
      {"kind":"LOWER_EDGE","side":"LEFT","value":600},{"kind":"LOWER_EDGE","side":"RIGHT","value":600},
      {"kind":"SPACING","value":1200},
      {"kind":"CUTOFF_BELOW","side":"LEFT","value":70},{"kind":"CUTOFF_BELOW","side":"RIGHT","value":-18},
      {"kind":"TURN","side":"RIGHT","adjusterId":"v","value":1},
      {"kind":"CUTOFF_BELOW","side":"RIGHT","value":18}],
     "bayReadings":[
      {"kind":"PLAN_FRONT_TYRES","value":8520},{"kind":"PLAN_WHEELBASE","value":2500},
      {"kind":"PLAN_TRACK","value":1600},{"kind":"FLOOR_FRONT_LEFT","value":0},
      {"kind":"FLOOR_FRONT_RIGHT","value":1},{"kind":"FLOOR_REAR_LEFT","value":9},
      {"kind":"FLOOR_REAR_RIGHT","value":11},{"kind":"FOOT","side":"LEFT","value":-5},
      {"kind":"FOOT","side":"RIGHT","value":-4}]}
    """;
  }
}
