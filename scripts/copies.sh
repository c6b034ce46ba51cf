# Copies of everything that is kept: made, checked by reading them back, and brought back.

copies_dir() { printf '%s' "${GOLDEN_TALLY_COPIES:-$state/copies}"; }

# What is in a database, table by table: how many rows, and a sum over all of them. Two are alike if these are.
contents() {
  local dir=$1 name=$2 table
  for table in $(with_database "$dir" psql -d "$name" -qAt -c "select tablename from pg_tables where schemaname = 'public' order by 1"); do
    with_database "$dir" psql -d "$name" -qAt -c "select '$table', count(*), coalesce(sum(('x' || substr(md5(r::text), 1, 8))::bit(32)::bigint), 0) from public.\"$table\" r"
  done
}

# rows_in FILE: how many rows a copy has, table by table, read without a database.
rows_in() {
  with_database "$state/database" pg_restore --data-only -f - "$1" | awk '
    /^COPY public\./ { table = $2; sub(/^public\./, "", table); gsub(/"/, "", table); rows[table] = 0; inside = 1; next }
    /^\\\.$/ { inside = 0; next }
    inside { rows[table]++ }
    END { for (table in rows) print table "|" rows[table] }' | sort
}

# write_copy NAME FILE: one moment of the database as a file, checked: it is read back into a database that is thrown away,
# and compared with what it was made from, unless that changed meanwhile. Where the disk of the database is full, so that
# there is no room for that, its rows are counted. How many tables it has is left in $tables_copied.
write_copy() {
  local name=$1 file=$2 dir="$state/database" before after kept
  need_room "$(dirname "$file")"
  before=$(contents "$dir" "$name")
  (umask 077; with_database "$dir" pg_dump -d "$name" -Fc -Z 6 -f "$file.part") \
    || { rm -f "$file.part"; fail "the copy could not be written to $file"; }
  after=$(contents "$dir" "$name")
  if has_room "$state"; then
    kept=$(read_back "$file.part") || { rm -f "$file.part"; fail "the copy could not be read back, so it is not kept: $kept"; }
  else
    say "the disk of the database is full: the rows of the copy are counted, it is not tried in a database"
    before=$(printf '%s\n' "$before" | cut -d'|' -f1,2)
    after=$(printf '%s\n' "$after" | cut -d'|' -f1,2)
    kept=$(rows_in "$file.part")
  fi
  if [ -z "$kept" ] || { [ "$before" = "$after" ] && [ "$(printf '%s\n' "$kept" | sort)" != "$(printf '%s\n' "$before" | sort)" ]; }; then
    rm -f "$file.part"
    fail "the copy has not what the database has, so it is not kept"
  fi
  mv "$file.part" "$file"
  tables_copied=$(printf '%s\n' "$kept" | wc -l)
}

# read_back FILE: what a copy has once it is read into a database of its own; what is wrong with it, where that fails.
read_back() {
  local dir="$state/database" check="golden_tally_check_$$" said
  with_database "$dir" psql -d postgres -qAt -c "create database $check" >/dev/null
  said=$(with_database "$dir" pg_restore -d "$check" --exit-on-error --single-transaction "$1" 2>&1 >/dev/null) \
    || { with_database "$dir" psql -d postgres -qAt -c "drop database $check" >/dev/null; printf '%s' "${said##*$'\n'}"; return 1; }
  contents "$dir" "$check"
  with_database "$dir" psql -d postgres -qAt -c "drop database $check" >/dev/null
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
  find "$dir" -name '*.copy.part' -mmin +60 -delete 2>/dev/null
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
  say "everything is in $file, read back and found whole ($tables_copied tables); keep it on another disk"
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
