# A PostgreSQL cluster of this checkout's own, on 127.0.0.1 only. PostgreSQL does not run as root: as root it is started
# in a user namespace of its own, in which the files stay ours; where that is not allowed, as the user postgres.

state="${GOLDEN_TALLY_STATE:-$root/.golden-tally}"

as_database_user() {
  if [ "$(id -u)" -ne 0 ]; then "$@"
  elif unshare --user --map-user=1000 --map-group=1000 true 2>/dev/null; then
    unshare --user --map-user=1000 --map-group=1000 -- "$@"
  else
    runuser -u postgres -- "$@"
  fi
}

give_to_database_user() {
  if [ "$(id -u)" -eq 0 ] && ! unshare --user --map-user=1000 --map-group=1000 true 2>/dev/null; then
    chown -R postgres "$1"
    runuser -u postgres -- test -x "$1" || fail "the user postgres cannot enter $1; move the checkout, or run as an ordinary user"
  fi
}

database_is_up() { as_database_user "$(postgresql_bin)/pg_ctl" -D "$1/cluster" status >/dev/null 2>&1; }

# create_database DIR [initdb options]: a new cluster with a password of its own.
create_database() {
  local dir=$1; shift
  mkdir -p "$dir"
  (umask 077; head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n' > "$dir/password")
  give_to_database_user "$dir"
  as_database_user "$(postgresql_bin)/initdb" -D "$dir/cluster" -U golden_tally --pwfile="$dir/password" \
    --auth=scram-sha-256 --encoding=UTF8 --locale=C.UTF-8 "$@" >"$dir/initdb.log" 2>&1 </dev/null \
    || fail "the database could not be created; see $dir/initdb.log"
}

# start_database DIR FIRST_PORT [server options]: starts it if it is down; its port is left in DIR/port.
start_database() {
  local dir=$1 port=$2 extra=${3:-}
  if database_is_up "$dir"; then return; fi
  [ -f "$dir/port" ] && port=$(cat "$dir/port")
  if ! port_is_free "$port"; then
    local taken=$port
    port=$(free_port_from "$port")
    say "port $taken is busy; the database takes $port"
  fi
  printf '%s' "$port" > "$dir/port"
  as_database_user "$(postgresql_bin)/pg_ctl" -D "$dir/cluster" -l "$dir/server.log" -w -t 60 \
    -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' $extra" start >/dev/null 2>&1 </dev/null \
    || fail "the database did not start; see $dir/server.log"
}

stop_database() {
  local dir=$1
  [ -d "$dir/cluster" ] && database_is_up "$dir" || return 0
  as_database_user "$(postgresql_bin)/pg_ctl" -D "$dir/cluster" -m fast -w stop >/dev/null 2>&1 </dev/null
  say "the database is stopped"
}

# make_schema DIR NAME: an empty database in the cluster, unless it is there.
make_schema() {
  local psql=("$(postgresql_bin)/psql" -h 127.0.0.1 -p "$(cat "$1/port")" -U golden_tally -d postgres -qAt)
  export PGPASSWORD; PGPASSWORD=$(cat "$1/password")
  [ "$("${psql[@]}" -c "select 1 from pg_database where datname = '$2'")" = 1 ] \
    || "${psql[@]}" -c "create database $2" >/dev/null
  unset PGPASSWORD
}
