# Building only what changed, and the tests.

MVN=(mvn -B -ntp)
JAR=$ROOT/server/target/server-0.1.0-SNAPSHOT-exec.jar

# One line for the state of all sources that end up in the application.
source_state() {
  (
    cd "$ROOT"
    find pom.xml words/pom.xml words/src/main core/pom.xml core/src/main web/pom.xml web/package.json web/package-lock.json \
      web/index.html web/vite.config.ts web/*.mjs web/tsconfig.json web/src server/pom.xml server/openapi.json \
      server/src/main -type f ! -path '*/api/schema.d.ts' -print0 | sort -z | xargs -0 sha1sum | sha1sum
  )
}

build_app() {
  if [ -f "$JAR" ] && [ "$(cat "$STATE/build" 2>/dev/null)" = "$(source_state)" ]; then
    return
  fi
  need_space 1500
  step "Building (first time: some minutes)" "${MVN[@]}" -q -pl core,web,server -am \
    -DskipTests -Dspotless.check.skip package
  source_state >"$STATE/build"
}

run_tests() {
  local began=$SECONDS modules=() part
  need_space 2500
  need_packages testing
  for part in "$@"; do
    case $part in
      core | server | web | e2e) modules+=("$part") ;;
      *) fail "There are no tests “$part”: core, server, web or e2e." ;;
    esac
  done
  if [ ${#modules[@]} -eq 0 ]; then
    say "Running every test"
    # two at a time: core and page know nothing of each other, and the page is tested beside the server
    "${MVN[@]}" -T 2 verify
  else
    say "Running the tests of ${modules[*]}"
    for part in "${modules[@]}"; do
      case $part in
        core) "${MVN[@]}" -pl core -am verify ;;
        web) "${MVN[@]}" -pl web,web/checks verify ;;
        # What stands below is built first, untested.
        server)
          step "Building what stands below" "${MVN[@]}" -q -pl core,web -am -DskipTests install
          "${MVN[@]}" -pl server verify
          ;;
        e2e)
          step "Building what stands below" "${MVN[@]}" -q -pl core,web,server -am -DskipTests install
          "${MVN[@]}" -pl e2e verify
          ;;
      esac
    done
  fi
  say "Tests took $((SECONDS - began)) s"
}

# Which changes of a package of the core no test notices.
mutate() {
  local package=${1:-} tests=${2:-own} of
  [ -d "$ROOT/core/src/main/java/mellow/core/${package//.//}" ] && [ -n "$package" ] ||
    fail "There is no package “$package” of the core; ./mellow mutate aim."
  case $tests in
    own) of="mellow.core.$package.*" ;;
    all) of='mellow.core.*' ;;
    *) fail "The tests are “own” or “all”." ;;
  esac
  need_packages
  step "Building the core and its tests" "${MVN[@]}" -q -pl core -am -DskipTests -Dspotless.check.skip install
  "${MVN[@]}" -pl core org.pitest:pitest-maven:mutationCoverage \
    "-DtargetClasses=mellow.core.$package.*" "-DtargetTests=$of" "-DreportsDirectory=$STATE/mutants/$package"
  say "The report: $STATE/mutants/$package/index.html"
}

# Code and documents that are generated and committed; tests fail where they have drifted.
generate() {
  need_packages
  db_start
  db_generate_account
  local database=(-f server/generate-pom.xml "-Dgenerate.url=jdbc:mariadb://127.0.0.1:$(cat "$DB_DIR/port")/generate"
    -Dgenerate.user=mellow_owner)
  export GENERATE_PASSWORD
  GENERATE_PASSWORD=$(cat "$DB_DIR/owner-password")
  step "Generating the database's types" "${MVN[@]}" -q "${database[@]}" flyway:migrate jooq-codegen:generate
  step "Formatting" "${MVN[@]}" -q spotless:apply
  # The page may already speak what the document does not say yet: its types are checked afterwards.
  step "Installing core and page" "${MVN[@]}" -q -pl core,web -am -DskipTests \
    -Dweb.build=build:untyped install
  step "Writing server/openapi.json" "${MVN[@]}" -q -pl server -Dtest=OpenApiDriftTest \
    -Dopenapi.write=true -Dsurefire.failIfNoSpecifiedTests=false test
}
