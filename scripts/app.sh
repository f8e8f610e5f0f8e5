# The running application.

DEFAULT_PORT=8734
APP_DIR=$STATE/app

# Unpacked once a build: the virtual machine reads plain jars faster than jars within a jar.
app_unpack() {
  if [ "$(cat "$APP_DIR/of" 2>/dev/null)" != "$(cat "$STATE/build")" ]; then
    rm -rf "$APP_DIR"
    java -Djarmode=tools -jar "$JAR" extract --destination "$APP_DIR"
    cp "$STATE/build" "$APP_DIR/of"
  fi
}

# The first run leaves its loaded classes behind at its end; later ones start from them.
app_classes() {
  if [ -s "$APP_DIR/classes.jsa" ]; then
    printf -- '-XX:SharedArchiveFile=%s' "$APP_DIR/classes.jsa"
  else
    printf -- '-XX:ArchiveClassesAtExit=%s' "$APP_DIR/classes.jsa"
  fi
}

app_pid() {
  local pid
  pid=$(cat "$STATE/app.pid" 2>/dev/null) || return 1
  kill -0 "$pid" 2>/dev/null && grep -qa "$APP_DIR/" "/proc/$pid/cmdline" 2>/dev/null && printf '%s' "$pid"
}

# How to reach an address: in a URL, an IPv6 one stands in brackets.
url_host() {
  case $1 in
    *:*) printf '[%s]' "$1" ;;
    *) printf '%s' "$1" ;;
  esac
}

is_loopback() {
  [[ $1 =~ ^127(\.[0-9]{1,3}){3}$ || $1 = localhost || $1 = ::1 ]]
}

app_is_ready() {
  curl -fs --max-time 3 "$(cat "$STATE/address")/actuator/health/readiness" >/dev/null 2>&1
}

app_kill() {
  local pid
  pid=$(cat "$STATE/app.pid" 2>/dev/null) || return 0
  kill "$pid" 2>/dev/null || true
  while kill -0 "$pid" 2>/dev/null; do
    sleep 0.1
  done
  rm -f "$STATE/app.pid"
}

app_await() {
  local tries=0
  until app_is_ready; do
    tries=$((tries + 1))
    # not app_pid: at first the process is still the shell that becomes the application
    if [ $tries -gt 900 ] || ! kill -0 "$(cat "$STATE/app.pid")" 2>/dev/null; then
      tail -n 30 "$STATE/app.log"
      return 1
    fi
    sleep 0.1
  done
}

app_launch() {
  app_run "$1" "$2" "$3" "@$ROOT/scripts/jvm.options" -Xlog:disable -Xlog:all=error:stderr \
    "-XX:ErrorFile=$STATE/jvm-error-%p.log" "$(app_classes)" -jar "$APP_DIR/$(basename "$JAR")"
}

# app_run port demo address java...   starts it and waits until it answers.
app_run() {
  local port=$1 demo=$2 address=$3
  shift 3
  # the demo goes only into a database that this very start made
  [ -e "$DB_DIR/first-start" ] || demo=false
  SPRING_DATASOURCE_PASSWORD=$(cat "$DB_DIR/password") SPRING_FLYWAY_USER=mellow_owner \
    SPRING_FLYWAY_PASSWORD=$(cat "$DB_DIR/owner-password") \
    setsid java "$@" \
    --server.port="$port" --server.address="$address" --mellow.demo="$demo" --mellow.hosts="$address" \
    --spring.datasource.url="jdbc:mariadb://127.0.0.1:$(cat "$DB_DIR/port")/mellow" \
    --spring.datasource.username=mellow --mellow.photos="$STATE/photos" </dev/null >"$STATE/app.log" 2>&1 &
  printf '%s' $! >"$STATE/app.pid"
  printf 'http://%s:%s' "$(url_host "$address")" "$port" >"$STATE/address"
  app_await || {
    app_kill
    return 1
  }
  rm -f "$DB_DIR/first-start"
}

# What was left lying when something was ended in the middle.
sweep() {
  rm -rf "$STATE"/backup.?????? "$STATE"/restore.?????? "$STATE"/step.?????? "$DB_DIR/data.part"
  if [ -d "$STATE/photos" ]; then
    find "$STATE/photos" -name '*.part' -type f -delete
  fi
}

# The application runs: its database may be gone, or it may not answer any more.
revive() {
  if ! db_pid >/dev/null; then
    db_start
  fi
  if app_is_ready || { sleep 3 && app_is_ready; }; then
    say "Already running: $(cat "$STATE/address")"
    return
  fi
  say "The application does not answer: it is started again."
  app_kill
  return 1
}

start() {
  local port=$DEFAULT_PORT demo=true address=127.0.0.1 open=no had_db=no began=$SECONDS
  while [ $# -gt 0 ]; do
    case $1 in
      --port)
        [[ ${2:-} =~ ^[0-9]+$ ]] && [ "$2" -ge 1 ] && [ "$2" -le 65535 ] || fail "--port needs a number from 1 to 65535."
        port=$2
        shift 2
        ;;
      --no-demo) demo=false; shift ;;
      --address)
        [ -n "${2:-}" ] || fail "--address needs an address of this machine."
        address=$2
        shift 2
        ;;
      --open) open=yes; shift ;;
      *) fail "start does not know “$1”: --port N, --no-demo, --address A [--open]." ;;
    esac
  done
  if ! is_loopback "$address" && [ $open = no ]; then
    fail "There are no accounts yet: at $address everybody on that network can read and write everything.
To start it so all the same: ./mellow start --address $address --open"
  fi
  if app_pid >/dev/null && revive; then
    return
  fi
  say "Starting Mellow Horizon"
  port_is_free "$port" "$address" || fail "Port $port is in use. Choose another: ./mellow start --port $((port + 1))"
  need_space 500
  need_packages
  mkdir -p "$STATE"
  sweep
  build_app
  app_unpack
  db_pid >/dev/null && had_db=yes
  db_start anew
  # in a shell of its own: a step that fails ends its shell, and nothing of the start is left running
  if ! (step "Starting the application" app_launch "$port" "$demo" "$address"); then
    [ $had_db = yes ] || db_stop
    exit 1
  fi
  say "Ready after $((SECONDS - began)) s: $(cat "$STATE/address")"
  is_loopback "$address" ||
    say "Everybody on the network of $address can read and write everything: there are no accounts yet."
}

stop() {
  local pid
  if pid=$(app_pid); then
    kill "$pid"
    while kill -0 "$pid" 2>/dev/null; do
      sleep 0.1
    done
    say "The application is stopped."
  fi
  if db_pid >/dev/null; then
    db_stop
    say "The database is stopped."
  fi
  rm -f "$STATE/app.pid"
}

status() {
  say "Mellow Horizon $(sed -n '/<artifactId>mellow-horizon/{n;s/.*<version>\(.*\)<.*/\1/p}' "$ROOT/pom.xml")"
  if app_pid >/dev/null; then
    say "Application: running at $(cat "$STATE/address")"
  else
    say "Application: not running"
  fi
  if db_pid >/dev/null; then
    say "Database: running on 127.0.0.1:$(cat "$DB_DIR/port"), data in $DB_DIR"
  else
    say "Database: not running"
  fi
}

reset() {
  if [ "${1:-}" != --yes ]; then
    local answer
    read -r -p "All stored jobs and photos under $STATE will be gone. Type “reset” to go on: " answer
    [ "$answer" = reset ] || fail "Nothing was changed."
  fi
  stop
  rm -rf "$DB_DIR" "$STATE/photos"
  say "The stored data is gone; the next start begins anew."
}

# A technician who makes mistakes, at work on a thousand jobs: what may never happen, does not.
bench_technician() {
  step "Building" "${MVN[@]}" -q -pl core,web -am -DskipTests -Dspotless.check.skip install
  step "Working through 1,000 random jobs" "${MVN[@]}" -pl server test -Dtest=SimulatedTechnicianTest \
    -Dtechnician.jobs=1000 -Dsurefire.failIfNoSpecifiedTests=false -Dspotless.check.skip
}

bench() {
  need_space 2500
  need_packages testing
  if [ "$*" = technician ]; then
    bench_technician
    return
  fi
  step "Building" "${MVN[@]}" -q -pl core,web,server,benchmarks -am -DskipTests -Dspotless.check.skip \
    install
  source_state >"$STATE/build"
  java -jar benchmarks/target/benchmarks.jar benchmarks/results.txt "$JAR" "$ROOT/scripts/jvm.options" "$@"
  [ $# -eq 0 ] || return 0
  rm -f "$STATE/drag"
  step "Dragging a lamp, turning a switch and opening jobs in the browser" "${MVN[@]}" -q -pl e2e verify \
    -Dit.test=DragSpeedIT,SwitchSpeedIT,OpenSpeedIT \
    -Dmeasure="$STATE/drag" -Dfailsafe.failIfNoSpecifiedTests=false -Dspotless.check.skip
  tee -a benchmarks/results.txt <"$STATE/drag"
}

screenshots() {
  need_packages testing
  step "Building" "${MVN[@]}" -q -pl core,web,server,e2e -am -DskipTests -Dspotless.check.skip \
    install
  step "Taking pictures" "${MVN[@]}" -pl e2e verify -Dit.test=ScreenshotsIT -Dscreenshots=true \
    -Dfailsafe.failIfNoSpecifiedTests=false -Dspotless.check.skip
}
