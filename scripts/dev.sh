# The application while somebody changes it: the server starts anew with each change of its sources, the
# page takes each change as it is.

DEV_PORT=8735
DEV_SERVER_PORT=8736
DEV_TOOLS=spring-boot-devtools
DEV_MODULES=(words core server)

dev_boot_version() {
  find "$APP_DIR/lib" -name 'spring-boot-[0-9]*.jar' -printf '%f' | sed 's/^spring-boot-\(.*\)\.jar$/\1/'
}

# Restarts the application within its virtual machine; no part of what is shipped.
dev_tools() {
  local version
  version=$(dev_boot_version)
  [ -s "$STATE/dev/$DEV_TOOLS-$version.jar" ] ||
    "${MVN[@]}" -q "org.apache.maven.plugins:maven-dependency-plugin:3.8.1:copy" \
      "-Dartifact=org.springframework.boot:$DEV_TOOLS:$version" "-DoutputDirectory=$STATE/dev"
}

# Classes as they were compiled last, then the libraries.
dev_classpath() {
  local module
  for module in "${DEV_MODULES[@]}"; do
    printf '%s:' "$ROOT/$module/target/classes"
  done
  printf '%s:' "$STATE/dev/$DEV_TOOLS-$(dev_boot_version).jar"
  find "$APP_DIR/lib" -name '*.jar' ! -name 'words-*' ! -name 'core-*' -printf '%p:'
}

dev_launch() {
  app_run "$DEV_SERVER_PORT" true 127.0.0.1 -XX:TieredStopAtLevel=1 -cp "$(dev_classpath)" \
    -Dspring.devtools.restart.trigger-file=.changed -Dspring.devtools.restart.poll-interval=300ms \
    -Dspring.devtools.restart.quiet-period=100ms -Dspring.devtools.livereload.enabled=false \
    -Dmellow.print.warm-up=false mellow.server.MellowHorizon
}

# The classes whose sources changed since the last round, as alternatives of a pattern.
dev_names() {
  find ./*/src/main/java ./*/target/generated-sources/words -name '[A-Z]*.java' \
    -newer "$STATE/dev/before" 2>/dev/null |
    sed 's#.*/##; s#\.java$##' | paste -sd '|'
}

# The sources of a module that name one of these classes: what they ask of it may have changed.
dev_sources() {
  [ -z "$2" ] || grep -rlwE "$2" --include='*.java' "$1/src/main/java" "$1/target/generated-sources" 2>/dev/null || true
}

# Asks the compiler that stays warm beside this loop.
dev_compile() {
  local answer
  printf '%s\t%s\t%s\n' "$1/target/classes" "$(dev_classpath)" "$(tr '\n' '\t' <<<"$2")" >&"${COMPILER[1]}"
  read -r answer <&"${COMPILER[0]}"
  [ "$answer" = done ]
}

# Compiles what changed since the last round; what does not compile is said, and nothing starts anew.
dev_round() {
  local module names sources began=$SECONDS
  if [ -n "$(find words/src/main/resources -type f -newer "$STATE/dev/before" -print -quit)" ]; then
    cp -r words/src/main/resources/. words/target/classes/
    for module in core server; do
      java -cp words/target/classes:"$(dev_classpath)" mellow.words.Generate \
        "$module/target/generated-sources/words" "mellow.$module" || return
    done
  fi
  names=$(dev_names)
  for module in "${DEV_MODULES[@]}"; do
    [ ! -d "$module/src/main/resources" ] || cp -ru "$module/src/main/resources/." "$module/target/classes/"
    sources=$(dev_sources "$module" "$names")
    [ -z "$sources" ] || dev_compile "$module" "$sources" || return
  done
  touch server/target/classes/.changed
  say "  server: changed, compiled after $((SECONDS - began)) s"
}

dev_follow() {
  coproc COMPILER { exec java scripts/Recompile.java; }
  while sleep 0.3; do
    if [ -n "$(find words/src/main core/src/main server/src/main -type f -newer "$STATE/dev/round" -print -quit)" ]; then
      touch "$STATE/dev/round"
      # what did not compile is compiled again with the next change
      if dev_round; then
        cp -p "$STATE/dev/round" "$STATE/dev/before"
      fi
    fi
  done
}

dev_end() {
  local follower
  for follower in $(jobs -p); do
    kill "$follower" 2>/dev/null || true
  done
  app_kill
  [ "$1" = yes ] || db_stop
}

dev() {
  local had_db=no
  ! app_pid >/dev/null || fail "The application is running. ./mellow stop ends it."
  port_is_free $DEV_PORT || fail "Port $DEV_PORT is in use."
  port_is_free $DEV_SERVER_PORT || fail "Port $DEV_SERVER_PORT is in use."
  need_packages
  mkdir -p "$STATE/dev"
  build_app
  app_unpack
  step "Fetching what restarts the server" dev_tools
  db_pid >/dev/null && had_db=yes
  db_start anew
  touch "$STATE/dev/round" "$STATE/dev/before"
  # shellcheck disable=SC2064
  trap "dev_end $had_db" EXIT
  step "Starting the server" dev_launch
  dev_follow &
  say "Server and page follow each change: http://127.0.0.1:$DEV_PORT (Ctrl-C ends it)"
  (cd web && MELLOW_SERVER=http://127.0.0.1:$DEV_SERVER_PORT npx vite --host 127.0.0.1 --port $DEV_PORT --strictPort)
}
