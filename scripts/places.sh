# Where things are kept, who may go there, and one act at a time.

state="${GOLDEN_TALLY_STATE:-$root/.golden-tally}"

# PostgreSQL does not run as root: as root it is started in a user namespace of its own, in which the files stay ours;
# where that is not allowed (in most containers), as the user postgres.
can_map_users() { unshare --user --map-user=1000 --map-group=1000 true 2>/dev/null && [ -z "${GOLDEN_TALLY_NO_NAMESPACES:-}" ]; }

as_database_user() {
  if [ "$(id -u)" -ne 0 ]; then "$@"
  elif can_map_users; then unshare --user --map-user=1000 --map-group=1000 -- "$@"
  else (cd / && runuser -u postgres -- "$@"); fi
}

# place_for_database DIR: makes DIR, empty, for a cluster. Where its user cannot go, the place is elsewhere and DIR leads
# to it.
place_for_database() {
  local dir=$1 elsewhere
  mkdir -p "$(dirname "$dir")"
  if [ "$(id -u)" -ne 0 ] || can_map_users; then
    mkdir -p -m 700 "$dir"
    return
  fi
  mkdir -p -m 700 "$dir" && chown postgres "$dir"
  if (cd / && runuser -u postgres -- test -w "$dir") 2>/dev/null; then return; fi
  rmdir "$dir"
  mkdir -p -m 755 /var/lib/golden-tally
  elsewhere=$(mktemp -d "/var/lib/golden-tally/$(basename "$root")-XXXXXX")
  chown postgres "$elsewhere"
  ln -s "$elsewhere" "$dir"
  say "the user postgres cannot go to $dir; the database is kept in $elsewhere"
}

# remove_place DIR: takes a cluster's place away, wherever it is.
remove_place() {
  local real
  real=$(readlink -f "$1" || true)
  [ -z "$real" ] || rm -rf -- "$real"
  rm -rf -- "$1"
}

least_room=${GOLDEN_TALLY_LEAST_ROOM:-300}

room_in() { df -Pm "$1" | awk 'NR == 2 { print $4 }'; }

has_room() { [ "$(room_in "$1")" -ge "$least_room" ]; }

# need_room DIR: nothing is begun on a disk that is full.
need_room() {
  has_room "$1" || fail "only $(room_in "$1") MB are free in $1, and at least $least_room are needed; make room and try again"
}

# one_at_a_time: start, stop, backup and restore wait for each other; the lock ends with this process.
one_at_a_time() {
  mkdir -p -m 700 "$state"
  chmod 700 "$state"
  exec 9>"$state/lock"
  flock -n 9 && return
  say "waiting for another start or stop to end"
  flock -w 300 9 || fail "another start or stop has been under way for five minutes; see: ps -ef | grep golden-tally"
}
