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
  ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null
}

free_port() {
  local port=$1
  while ! port_is_free "$port"; do
    port=$((port + 1))
  done
  printf '%s' "$port"
}

db_create() {
  mkdir -p "$DB_DIR"
  chmod 700 "$DB_DIR"
  mariadb-install-db --no-defaults --user="$(id -un)" --datadir="$DB_DIR/data" --skip-test-db \
    --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)"
}

db_launch() {
  local port
  port=$(free_port 33061)
  printf '%s' "$port" >"$DB_DIR/port"
  setsid mariadbd --no-defaults --user="$(id -un)" --datadir="$DB_DIR/data" \
    --socket="$(db_socket)" --port="$port" --bind-address=127.0.0.1 --pid-file="$DB_DIR/db.pid" \
    --log-error="$DB_DIR/db.err" --skip-name-resolve --character-set-server=utf8mb4 \
    --collation-server=utf8mb4_unicode_ci --innodb-buffer-pool-size=256M \
    --innodb-flush-log-at-trx-commit=1 </dev/null >/dev/null 2>&1 &
  local tries=0
  until db_sql -e 'select 1' >/dev/null 2>&1; do
    tries=$((tries + 1))
    if [ $tries -gt 600 ]; then
      tail -n 20 "$DB_DIR/db.err"
      return 1
    fi
    sleep 0.1
  done
}

# One account for the application, with a password that only this directory holds.
db_account() {
  [ -s "$DB_DIR/password" ] || (umask 077 && head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n' >"$DB_DIR/password")
  db_sql -e "create database if not exists mellow;
    create user if not exists mellow@'127.0.0.1' identified by '$(cat "$DB_DIR/password")';
    alter user mellow@'127.0.0.1' identified by '$(cat "$DB_DIR/password")';
    grant all on mellow.* to mellow@'127.0.0.1';
    create database if not exists \`generate\`;
    grant all on \`generate\`.* to mellow@'127.0.0.1';"
}

db_start() {
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
