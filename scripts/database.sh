# A MariaDB of our own: on loopback, its data under .mellow/db, no other database touched.

DB_DIR=$STATE/db

db_socket() {
  # A socket's path may have 107 characters.
  if [ ${#DB_DIR} -lt 95 ]; then
    printf '%s/s.sock' "$DB_DIR"
  else
    printf '/tmp/mellow-%s.sock' "$(printf '%s' "$DB_DIR" | cksum | cut -d' ' -f1)"
  fi
}

db_sql() {
  mariadb --no-defaults -u "$(id -un)" -S "$(db_socket)" "$@"
}

db_pid() {
  local pid
  pid=$(cat "$DB_DIR/db.pid" 2>/dev/null) || return 1
  kill -0 "$pid" 2>/dev/null && grep -qa "$DB_DIR" "/proc/$pid/cmdline" 2>/dev/null && printf '%s' "$pid"
}

port_is_free() {
  ! (exec 3<>"/dev/tcp/${2:-127.0.0.1}/$1") 2>/dev/null
}

free_port() {
  local port=$1
  while ! port_is_free "$port"; do
    port=$((port + 1))
  done
  printf '%s' "$port"
}

# A server that starts removes the temporary tables of others from a directory that they share.
db_tmp() {
  mkdir -p "$DB_DIR/tmp"
}

# Made beside and renamed when it is whole: what was ended in the middle is begun anew.
db_create() {
  mkdir -p "$DB_DIR"
  chmod 700 "$STATE" "$DB_DIR"
  rm -rf "$DB_DIR/data.part"
  db_tmp
  TMPDIR=$DB_DIR/tmp mariadb-install-db --no-defaults --user="$(id -un)" --datadir="$DB_DIR/data.part" --skip-test-db \
    --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" || return 1
  : >"$DB_DIR/first-start"
  mv "$DB_DIR/data.part" "$DB_DIR/data"
}

# The port may be taken between its choice and its use: then the next one is tried.
db_launch() {
  local round
  for round in 1 2 3 4 5; do
    if db_launch_on "$(free_port "$(db_first_port "$round")")"; then
      return
    fi
    db_kill
  done
  tail -n 20 "$DB_DIR/db.err"
  return 1
}

# The port that it had: an application that runs still looks for it there.
db_first_port() {
  if [ "$1" = 1 ] && [ -s "$DB_DIR/port" ]; then
    cat "$DB_DIR/port"
  else
    printf '%s' $((33061 + RANDOM % 400))
  fi
}

db_launch_on() {
  local port=$1 tries=0 pid
  db_tmp
  TMPDIR=$DB_DIR/tmp setsid mariadbd --no-defaults --user="$(id -un)" --datadir="$DB_DIR/data" \
    --socket="$(db_socket)" --port="$port" --bind-address=127.0.0.1 --pid-file="$DB_DIR/db.pid" \
    --log-error="$DB_DIR/db.err" --skip-name-resolve --character-set-server=utf8mb4 \
    --collation-server=utf8mb4_unicode_ci --innodb-buffer-pool-size=256M \
    --innodb-flush-log-at-trx-commit=1 --local-infile=0 </dev/null >/dev/null 2>&1 &
  pid=$!
  until db_sql -e 'select 1' >/dev/null 2>&1; do
    tries=$((tries + 1))
    if [ $tries -gt 600 ] || ! kill -0 "$pid" 2>/dev/null; then
      return 1
    fi
    sleep 0.1
  done
  printf '%s' "$port" >"$DB_DIR/port"
}

# Whatever of it is left after a start that failed.
db_kill() {
  local pid
  if pid=$(db_pid); then
    kill "$pid" 2>/dev/null || true
    while kill -0 "$pid" 2>/dev/null; do
      sleep 0.1
    done
  fi
}

db_secret() {
  [ -s "$DB_DIR/$1" ] ||
    (umask 077 && head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n' >"$DB_DIR/$1")
  cat "$DB_DIR/$1"
}

# Two accounts, with passwords that only this directory holds: one changes the tables' form when the
# application starts and lets the other change the rows of some of them; the other reads and adds rows. Statements go in by standard input: a
# command line can be read by everybody.
db_account() {
  local rows owner
  rows=$(db_secret password)
  owner=$(db_secret owner-password)
  db_sql <<SQL
create database if not exists mellow;
create user if not exists mellow@'127.0.0.1' identified by '$rows';
alter user mellow@'127.0.0.1' identified by '$rows';
grant all on mellow.* to mellow@'127.0.0.1';
revoke all on mellow.* from mellow@'127.0.0.1';
grant select, insert, lock tables on mellow.* to mellow@'127.0.0.1';
create user if not exists mellow_owner@'127.0.0.1' identified by '$owner';
alter user mellow_owner@'127.0.0.1' identified by '$owner';
grant all on mellow.* to mellow_owner@'127.0.0.1' with grant option;
SQL
}

# A database for what is generated from the migrations, which nobody else needs.
db_generate_account() {
  db_sql <<SQL
create database if not exists \`generate\`;
grant all on \`generate\`.* to mellow_owner@'127.0.0.1';
drop database \`generate\`;
create database \`generate\`;
SQL
}

db_start() {
  mkdir -p "$STATE"
  chmod 700 "$STATE"
  if [ -e "$DB_DIR/first-start" ] && ! db_pid >/dev/null && [ "${1:-}" = anew ]; then
    say "The first start was interrupted: it is begun anew."
    rm -rf "$DB_DIR/data" "$DB_DIR/first-start" "$STATE/photos"
  fi
  [ -d "$DB_DIR/data/mysql" ] || step "Creating the database" db_create
  if ! db_pid >/dev/null; then
    step "Starting the database" db_launch
  fi
  db_account
}

db_stop() {
  local pid
  pid=$(db_pid) || return 0
  kill "$pid"
  while kill -0 "$pid" 2>/dev/null; do
    sleep 0.1
  done
}
