# Everything that was stored, as one file, and back.
#
# Photos are named by what is in them and written before the rows that name them: a dump of the
# database first and the photos after it give a state that once was.

backup_manifest() {
  (cd "$1" && find . -type f ! -name manifest.sha256 ! -name signature -print0 | sort -z | xargs -0 sha256sum)
}

# What only this installation can write beside a manifest: its key stays in its directory.
backup_sign() {
  local key=$STATE/backup.key
  [ -s "$key" ] ||
    (umask 077 && head -c 32 /dev/urandom | od -An -tx1 | tr -d ' \n' >"$key")
  { cat "$key"; { cat "$key" "$1"; } | sha256sum; } | sha256sum | cut -d' ' -f1
}

backup_write() {
  local file=$1 work=$2
  mariadb-dump --no-defaults -u "$(id -un)" -S "$(db_socket)" --single-transaction --routines \
    --skip-dump-date --skip-comments --default-character-set=utf8mb4 mellow >"$work/mellow.sql" ||
    return 1
  mkdir -p "$work/photos"
  if [ -d "$STATE/photos" ]; then
    (cd "$STATE/photos" && find . -type f ! -name '*.part' -print0 | tar --null -T - -cf -) |
      tar -xf - -C "$work/photos"
  fi
  printf 'mellow-horizon-backup-1\n' >"$work/format"
  backup_manifest "$work" >"$work/manifest.sha256"
  backup_sign "$work/manifest.sha256" >"$work/signature"
  tar -czf "$file.part" -C "$work" . || return 1
  mv "$file.part" "$file"
}

backup() {
  local file=${1:-} work
  [ -n "$file" ] || fail "Say where to: ./mellow backup FILE"
  [ -d "$(dirname "$file")" ] || fail "There is no directory $(dirname "$file")."
  [ ! -e "$file" ] || fail "$file is there already; nothing was written."
  [ -d "$DB_DIR/data/mellow" ] || fail "Nothing is stored yet in $STATE."
  file=$(cd "$(dirname "$file")" && pwd)/$(basename "$file")
  need_packages
  db_start
  work=$(mktemp -d "$STATE/backup.XXXXXX")
  step "Writing the backup" backup_write "$file" "$work"
  rm -rf "$work"
  say "Backed up: $file, $(du -h "$file" | cut -f1)"
}

# A file that is whole, in a directory of its own; links and paths out of it are no backup's.
restore_unpack() {
  local file=$1 work=$2
  if tar -tvzf "$file" 2>/dev/null | grep -qv '^[-d]'; then
    return 1
  fi
  tar -xzf "$file" -C "$work" --no-same-owner --no-same-permissions 2>/dev/null || return 1
  [ "$(cat "$work/format" 2>/dev/null)" = mellow-horizon-backup-1 ] || return 1
  [ "$(backup_manifest "$work")" = "$(cat "$work/manifest.sha256" 2>/dev/null)" ]
}

restore_is_own() {
  [ -s "$1/signature" ] && [ "$(backup_sign "$1/manifest.sha256")" = "$(cat "$1/signature")" ]
}

# The tables of a database, one a line.
restore_tables() {
  db_sql -N -e "select table_name from information_schema.tables where table_schema = '$1'"
}

# Loads beside what is there, by an account that reaches nothing else and with a client that runs no
# command: a backup is data. Then all tables change places in one statement.
restore_load() {
  local work=$1 password moves='' table before
  password=$(head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n')
  db_sql <<SQL || return 1
drop database if exists mellow_restore;
drop database if exists mellow_before;
create database mellow_restore;
create or replace user mellow_restore@'localhost' identified by '$password';
grant all on mellow_restore.* to mellow_restore@'localhost';
SQL
  (umask 077 && printf '[client]\nuser=mellow_restore\npassword=%s\n' "$password" >"$work/client.cnf")
  mariadb --defaults-file="$work/client.cnf" --sandbox -S "$(db_socket)" \
    --default-character-set=utf8mb4 mellow_restore <"$work/mellow.sql" || return 1
  db_sql -e "drop user mellow_restore@'localhost'" || return 1
  # photos are named by what is in them: those of the backup beside the others harm nothing
  mkdir -p "$STATE/photos" && cp -Rn "$work/photos/." "$STATE/photos/" || return 1
  db_sql -e 'create database if not exists mellow; create database mellow_before;' || return 1
  before=$(restore_tables mellow) || return 1
  for table in $before; do
    moves="$moves, mellow.\`$table\` to mellow_before.\`$table\`"
  done
  for table in $(restore_tables mellow_restore); do
    moves="$moves, mellow_restore.\`$table\` to mellow.\`$table\`"
  done
  db_sql -e "set foreign_key_checks = 0; rename table ${moves#, }" || return 1
  db_sql -e 'drop database mellow_before; drop database mellow_restore;' || return 1
  rm -f "$DB_DIR/first-start"
}

restore() {
  local file='' replace=no foreign=no work
  while [ $# -gt 0 ]; do
    case $1 in
      --replace) replace=yes ;;
      --foreign) foreign=yes ;;
      *) file=$1 ;;
    esac
    shift
  done
  [ -n "$file" ] || fail "Say what from: ./mellow restore FILE [--replace] [--foreign]"
  [ -f "$file" ] || fail "There is no file $file."
  if app_pid >/dev/null; then
    fail "The application runs: stop it first, ./mellow stop"
  fi
  need_packages
  mkdir -p "$STATE"
  sweep
  work=$(mktemp -d "$STATE/restore.XXXXXX")
  if ! restore_unpack "$file" "$work"; then
    rm -rf "$work"
    fail "$file is damaged, or no backup; nothing was changed."
  fi
  if ! restore_is_own "$work" && [ $foreign = no ]; then
    rm -rf "$work"
    fail "$file was not written by this installation; nothing was changed.
If you know where it comes from: ./mellow restore $file --foreign"
  fi
  db_start
  if [ "$replace" = no ] && [ -n "$(restore_tables mellow)" ]; then
    rm -rf "$work"
    fail "Something is stored in $STATE already. To replace it: ./mellow restore $file --replace"
  fi
  step "Restoring" restore_load "$work"
  rm -rf "$work"
  say "Restored from $file"
}
