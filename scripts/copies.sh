# Copies of everything that is kept: made, checked by reading them back, and brought back.

copies_dir() { printf '%s' "${GOLDEN_TALLY_COPIES:-$state/copies}"; }

# What is in a database, table by table: how many rows, and a sum over all of them. Two are alike if these are.
contents() {
  local dir=$1 name=$2 table
  for table in $(with_database "$dir" psql -d "$name" -qAt -c "select tablename from pg_tables where schemaname = 'public' order by 1"); do
    with_database "$dir" psql -d "$name" -qAt -c "select '$table', count(*), coalesce(sum(('x' || substr(md5(r::text), 1, 8))::bit(32)::bigint), 0) from public.\"$table\" r"
  done
}

# write_copy NAME FILE: one moment of the database as a file, checked: it is read back into a database that is thrown away,
# and compared with what it was made from, unless that changed meanwhile.
write_copy() {
  local name=$1 file=$2 dir="$state/database" check="golden_tally_check_$$" kept before after
  need_room "$(dirname "$file")"
  before=$(contents "$dir" "$name")
  (umask 077; with_database "$dir" pg_dump -d "$name" -Fc -Z 6 -f "$file.part") || fail "the copy could not be written to $file"
  after=$(contents "$dir" "$name")
  with_database "$dir" psql -d postgres -qAt -c "create database $check" >/dev/null
  if ! with_database "$dir" pg_restore -d "$check" --exit-on-error --single-transaction "$file.part" >/dev/null 2>"$state/copy.log"; then
    with_database "$dir" psql -d postgres -qAt -c "drop database $check" >/dev/null
    rm -f "$file.part"
    fail "the copy could not be read back, so it is not kept: $(last_words "$state/copy.log")"
  fi
  kept=$(contents "$dir" "$check")
  with_database "$dir" psql -d postgres -qAt -c "drop database $check" >/dev/null
  if [ -z "$kept" ] || { [ "$before" = "$after" ] && [ "$kept" != "$before" ]; }; then
    rm -f "$file.part"
    fail "the copy has not what the database has, so it is not kept"
  fi
  mv "$file.part" "$file"
  printf '%s\n' "$kept" > "$state/copied"
}

# make_copy NAME WHY: among the copies of this checkout.
make_copy() {
  local file
  mkdir -p -m 700 "$(copies_dir)"
  file="$(copies_dir)/$1-$(date -u +%Y%m%d-%H%M%S)-$2.copy"
  write_copy "$1" "$file"
  say "a copy is kept in $file"
}

# daily_copy NAME: if the last is older than a day; seven are kept.
daily_copy() {
  local name=$1 dir
  dir=$(copies_dir)
  [ -z "$(find "$dir" -name "$name-*-daily.copy" -mmin -1440 -print -quit 2>/dev/null)" ] || return 0
  make_copy "$name" daily
  find "$dir" -name "$name-*-daily.copy" | sort -r | tail -n +8 | while read -r old; do rm -f "$old"; done
  find "$dir" -name "$name-*-before-*.copy" | sort -r | tail -n +8 | while read -r old; do rm -f "$old"; done
}

# backup [FILE]: of the data of one's own, or of the demo while that is what runs.
backup() {
  local name file
  name=$(database_name "$(mode_to_copy)")
  file=${1:-golden-tally-$(date +%Y%m%d-%H%M%S).copy}
  [ ! -e "$file" ] || fail "$file is there already; name another file"
  [ -e "$state/database/made" ] || fail "nothing is kept here yet; start it once with: ./golden-tally start"
  start_database "$state/database" 5433
  [ "$(kept_version "$state/database" "$name")" -gt 0 ] || fail "nothing is kept yet in $name; start it once"
  write_copy "$name" "$file"
  say "everything is in $file, read back and found whole ($(wc -l < "$state/copied") tables); keep it on another disk"
}

mode_to_copy() { if [ "$(running mode)" = demo ]; then printf demo; else printf own; fi; }

# restore FILE: what is kept becomes what the file has; what was there is put aside first.
restore() {
  local file=${1:-} mode name dir="$state/database" fresh="golden_tally_restored_$$" aside version
  [ -n "$file" ] && [ -r "$file" ] || fail "which copy? ./golden-tally restore FILE; daily ones are in $(copies_dir)"
  mode=$(mode_to_copy)
  name=$(database_name "$mode")
  create_database "$dir"
  start_database "$dir" 5433
  make_schema "$dir" "$name"
  with_database "$dir" psql -d postgres -qAt -c "create database $fresh" >/dev/null
  if ! with_database "$dir" pg_restore -d "$fresh" --exit-on-error --single-transaction "$file" >/dev/null 2>"$state/copy.log"; then
    with_database "$dir" psql -d postgres -qAt -c "drop database $fresh" >/dev/null
    fail "$file is no whole copy, so nothing was changed: $(last_words "$state/copy.log")"
  fi
  version=$(kept_version "$dir" "$fresh")
  if [ "$version" -eq 0 ] || [ "$version" -gt "$(newest_version)" ]; then
    with_database "$dir" psql -d postgres -qAt -c "drop database $fresh" >/dev/null
    fail "$file is of a newer Golden Tally, or of something else, so nothing was changed"
  fi
  stop_application
  aside="${name}_before_$(date -u +%Y%m%d_%H%M%S)"
  with_database "$dir" psql -d postgres -qAt -v ON_ERROR_STOP=1 \
    -c "select pg_terminate_backend(pid) from pg_stat_activity where datname = '$name' and pid <> pg_backend_pid()" \
    -c "alter database $name rename to $aside" -c "alter database $fresh rename to $name" >/dev/null
  say "$file is brought back (tables of version $version); what was there before is put aside as $aside"
  say "start it with: ./golden-tally $([ "$mode" = demo ] && printf demo || printf start)"
}
