# What is said on the way: one line a step, with the time it took.

say() { printf '%s\n' "$*"; }

fail() {
  printf 'mellow: %s\n' "$*" >&2
  exit 1
}

# step "what" command...   runs it quietly; on failure shows what it printed.
step() {
  local what=$1 began=$SECONDS log
  shift
  mkdir -p "$STATE"
  log=$(mktemp "$STATE/step.XXXXXX") || fail "Cannot write under $STATE. Is the disk full?"
  printf '  %s … ' "$what"
  if "$@" >"$log" 2>&1; then
    printf '%s s\n' "$((SECONDS - began))"
    rm -f "$log"
  else
    printf 'failed\n'
    tail -n 40 "$log" >&2
    rm -f "$log"
    fail "“$what” failed; its last lines stand above."
  fi
}

need_space() {
  local free
  free=$(df -Pk "$ROOT" | awk 'NR == 2 { print int($4 / 1024) }')
  [ "$free" -ge "$1" ] || fail "Only $free MB are free on the disk of $ROOT; $1 MB are needed."
}
