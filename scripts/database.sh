# A PostgreSQL cluster of this checkout's own, on 127.0.0.1 only, with two users: one owns everything and migrates it, the
# application's own user reads and writes, but cannot change what only grows.

owner=golden_tally
app_user=golden_tally_app

# The process that serves the cluster in DIR; nothing where none does. After a power cut, or in a container that was started
# anew, the number in postmaster.pid may be another program's: it is ours only if it is a postgres that was begun with this
# very folder. Nothing else is ever asked, signalled or waited for.
database_process() {
  local pid cluster
  cluster=$(readlink -f "$1" 2>/dev/null)/cluster
  pid=$(as_database_user head -n 1 "$cluster/postmaster.pid" 2>/dev/null || true)
  [[ $pid =~ ^[0-9]+$ ]] && is_postgres "$pid" && begun_with "$pid" "$cluster" && printf '%s' "$pid" || true
}

is_postgres() { [[ $(readlink "/proc/$1/exe" 2>/dev/null) =~ /postgres( \(deleted\))?$ ]]; }

# begun_with PID CLUSTER: whether it was started with -D and this folder.
begun_with() {
  local word before=''
  while IFS= read -r -d '' word; do
    [ "$before" = -D ] && [ "$(readlink -f "$word")" = "$2" ] && return 0
    before=$word
  done 2>/dev/null < "/proc/$1/cmdline"
  return 1
}

database_is_up() { [ -n "$(database_process "$1")" ]; }

# Processes that a killed database left behind, which may still write to the cluster.
left_behind() {
  local place cluster
  cluster=$(readlink -f "$1")/cluster
  for place in /proc/[0-9]*; do
    if [ "$(readlink "$place/cwd" 2>/dev/null)" = "$cluster" ] && is_postgres "${place#/proc/}"; then printf '%s ' "${place#/proc/}"; fi
  done
}

# forget_stale DIR: a postmaster.pid whose number is another program's now is removed, since PostgreSQL would refuse to start.
# One whose process is gone it removes itself.
forget_stale() {
  local file pid n
  file=$(readlink -f "$1")/cluster/postmaster.pid
  pid=$(as_database_user head -n 1 "$file" 2>/dev/null || true)
  [ -n "$pid" ] && [ -e "/proc/$pid" ] || return 0
  for n in $(seq 100); do
    [ -n "$(left_behind "$1")" ] || break
    sleep 0.1
  done
  [ -z "$(left_behind "$1")" ] || fail "processes of a database that was killed still run: $(left_behind "$1"); end them, and start again"
  say "the database was not stopped before the machine was; process $pid, which it left noted, is another program's and is left alone"
  as_database_user rm -f "$file"
}

# The cluster's own version of PostgreSQL, where that is installed; data of one cannot be read by another.
postgresql_bin_for() {
  local version=''
  [ ! -e "$1/version" ] || version=$(cat "$1/version")
  if [ -n "$version" ] && [ -x "/usr/lib/postgresql/$version/bin/pg_ctl" ]; then printf '%s' "/usr/lib/postgresql/$version/bin"
  else postgresql_bin; fi
}

secret() { head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n'; }

# create_database DIR [initdb options]: a new cluster with passwords of its own; one that was left half made is made anew.
create_database() {
  local dir=$1 real; shift
  [ ! -e "$dir/made" ] || return 0
  # What earlier versions made has been started, so it has a port; what was left half made has none.
  if [ -e "$dir/port" ] && [ -d "$dir/cluster" ]; then
    as_database_user cat "$(readlink -f "$dir")/cluster/PG_VERSION" > "$dir/version"
    touch "$dir/made"
    return 0
  fi
  remove_place "$dir"
  place_for_database "$dir"
  real=$(readlink -f "$dir")
  (umask 077; secret > "$dir/password"; secret > "$dir/app-password")
  [ "$(id -u)" -ne 0 ] || can_map_users || chown postgres "$dir"/*password
  as_database_user "$(postgresql_bin)/initdb" -D "$real/cluster" -U "$owner" --pwfile="$real/password" \
    --auth=scram-sha-256 --encoding=UTF8 --locale=C.UTF-8 "$@" >"$dir/initdb.log" 2>&1 </dev/null \
    || fail "the database could not be created; $(last_words "$dir/initdb.log") (all of it is in $dir/initdb.log)"
  as_database_user cat "$real/cluster/PG_VERSION" > "$dir/version"
  touch "$dir/made"
}

last_words() { tail -n 1 "$1" 2>/dev/null | cut -c1-200; }

check_version() {
  local dir=$1 have
  have=$("$(postgresql_bin_for "$dir")/postgres" --version | sed 's/.* \([0-9]*\)\..*/\1/')
  [ "$(cat "$dir/version" 2>/dev/null || printf '%s' "$have")" = "$have" ] \
    || fail "the data were kept by PostgreSQL $(cat "$dir/version"), and only $have is installed; run: apt-get install postgresql-$(cat "$dir/version")"
}

# start_database DIR FIRST_PORT [server options]: starts it if it is down; its port is left in DIR/port.
start_database() {
  local dir=$1 port=$2 extra=${3:-} real tries
  if database_is_up "$dir"; then return; fi
  check_version "$dir"
  forget_stale "$dir"
  real=$(readlink -f "$dir")
  [ -f "$dir/port" ] && port=$(cat "$dir/port")
  for tries in 1 2 3 4 5; do
    if ! port_is_free "$port"; then
      say "port $port is busy; the database takes another one"
      port=$(free_port_from "$((port + 1))")
    fi
    printf '%s' "$port" > "$dir/port"
    if as_database_user "$(postgresql_bin_for "$dir")/pg_ctl" -D "$real/cluster" -l "$real/cluster/start.log" -w -t 60 \
      -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c logging_collector=on -c log_directory=log
          -c log_filename=postgresql-%a.log -c log_truncate_on_rotation=on -c log_rotation_age=1d -c log_file_mode=0600
          -c max_connections=40 $extra" start >/dev/null 2>&1 </dev/null 9>&-; then
      return
    fi
    # Somebody may have taken the port in between, or a connection goes out from it, which nobody sees who knocks there.
    [[ $(database_says "$dir") == *'TCP/IP sockets'* ]] || break
    if port_is_free "$port"; then
      say "port $port is taken; the database takes another one"
      port=$((port + 1))
    fi
  done
  fail "the database did not start: $(database_says "$dir" | tail -n 1) (all of it is in $real/cluster/start.log and $real/cluster/log)"
}

database_says() {
  as_database_user bash -c 'cat "$1"/start.log "$1"/log/* 2>/dev/null' says "$(readlink -f "$1")/cluster" \
    | grep -E 'FATAL|PANIC|ERROR|HINT' | tail -n 5 || true
}

stop_database() {
  local dir=$1
  [ -d "$dir/cluster" ] && database_is_up "$dir" || return 0
  as_database_user "$(postgresql_bin_for "$dir")/pg_ctl" -D "$(readlink -f "$dir")/cluster" -m fast -w -t 60 stop >/dev/null 2>&1 </dev/null \
    || as_database_user "$(postgresql_bin_for "$dir")/pg_ctl" -D "$(readlink -f "$dir")/cluster" -m immediate -w -t 30 stop >/dev/null 2>&1 </dev/null || true
  if database_is_up "$dir"; then fail "the database does not stop; its process is $(database_process "$dir")"; fi
  say "the database is stopped"
}

# with_database DIR PROGRAM …: one of PostgreSQL's programs, as the owner of everything.
with_database() {
  local dir=$1 program=$2; shift 2
  PGPASSWORD=$(cat "$dir/password") "$(postgresql_bin_for "$dir")/$program" -h 127.0.0.1 -p "$(cat "$dir/port")" -U "$owner" "$@"
}

# make_schema DIR NAME: the application's user, and an empty database in the cluster, unless they are there.
make_schema() {
  local dir=$1 name=$2 secret
  [ -e "$dir/app-password" ] || (umask 077; secret > "$dir/app-password")
  secret=$(cat "$dir/app-password")
  if [ "$(with_database "$dir" psql -d postgres -qAt -c "select 1 from pg_roles where rolname = '$app_user'")" != 1 ]; then
    with_database "$dir" psql -d postgres -qAt -c "create role $app_user login nosuperuser nocreatedb nocreaterole password '$secret'" >/dev/null
  fi
  [ "$(with_database "$dir" psql -d postgres -qAt -c "select 1 from pg_database where datname = '$name'")" = 1 ] \
    || with_database "$dir" psql -d postgres -qAt -c "create database $name" -c "revoke create on schema public from public" >/dev/null
}

# kept_version DIR NAME: the newest migration that the data have seen; 0 for none.
kept_version() {
  with_database "$1" psql -d "$2" -qAt -c "select coalesce(max(version::int), 0) from flyway_schema_history where success" 2>/dev/null || printf 0
}

newest_version() { find "$root/app/src/main/resources/db/migration" -name 'V*__*.sql' -printf '%f\n' | sed 's/^V\([0-9]*\)__.*/\1/' | sort -n | tail -n 1; }
