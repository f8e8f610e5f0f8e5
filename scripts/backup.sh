# Everything that was stored, as one file, and back.
#
# Photos are named by what is in them and written before the rows that name them: a dump of the
# database first and the photos after it give a state that once was.

backup_manifest() {
  (cd "$1" && find . -type f ! -name manifest.sha256 -print0 | sort -z | xargs -0 sha256sum)
}

backup_write() {
  local file=$1 work=$2
  mariadb-dump --no-defaults -u "$(id -un)" -S "$(db_socket)" --single-transaction --routines \
    --skip-dump-date --skip-comments --default-character-set=utf8mb4 mellow >"$work/mellow.sql"
  mkdir -p "$work/photos"
  if [ -d "$STATE/photos" ]; then
    (cd "$STATE/photos" && find . -type f ! -name '*.part' -print0 | tar --null -T - -cf -) |
      tar -xf - -C "$work/photos"
  fi
  printf 'mellow-horizon-backup-1\n' >"$work/format"
  backup_manifest "$work" >"$work/manifest.sha256"
  tar -czf "$file.part" -C "$work" .
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

# A file that is whole, in a directory of its own.
restore_unpack() {
  local file=$1 work=$2
  tar -xzf "$file" -C "$work" 2>/dev/null || return 1
  [ "$(cat "$work/format" 2>/dev/null)" = mellow-horizon-backup-1 ] || return 1
  [ "$(backup_manifest "$work")" = "$(cat "$work/manifest.sha256" 2>/dev/null)" ]
}

restore_load() {
  local work=$1
  # into a database of its own first: what cannot be loaded replaces nothing
  db_sql -e 'drop database if exists mellow_restore; create database mellow_restore;'
  db_sql --default-character-set=utf8mb4 mellow_restore <"$work/mellow.sql"
  db_sql -e 'drop database mellow_restore; drop database if exists mellow; create database mellow;'
  db_sql --default-character-set=utf8mb4 mellow <"$work/mellow.sql"
  rm -rf "$STATE/photos.before"
  if [ -d "$STATE/photos" ]; then
    mv "$STATE/photos" "$STATE/photos.before"
  fi
  mv "$work/photos" "$STATE/photos"
  rm -rf "$STATE/photos.before"
}

restore() {
  local file='' replace=no work
  while [ $# -gt 0 ]; do
    case $1 in
      --replace) replace=yes ;;
      *) file=$1 ;;
    esac
    shift
  done
  [ -n "$file" ] || fail "Say what from: ./mellow restore FILE [--replace]"
  [ -f "$file" ] || fail "There is no file $file."
  if app_pid >/dev/null; then
    fail "The application runs: stop it first, ./mellow stop"
  fi
  need_packages
  mkdir -p "$STATE"
  work=$(mktemp -d "$STATE/restore.XXXXXX")
  if ! restore_unpack "$file" "$work"; then
    rm -rf "$work"
    fail "$file is damaged, or no backup; nothing was changed."
  fi
  db_start
  if [ "$replace" = no ] && [ "$(db_sql -N -e "select count(*) from information_schema.tables where table_schema = 'mellow'")" != 0 ]; then
    rm -rf "$work"
    fail "Something is stored in $STATE already. To replace it: ./mellow restore $file --replace"
  fi
  step "Restoring" restore_load "$work"
  rm -rf "$work"
  db_account
  say "Restored from $file"
}
