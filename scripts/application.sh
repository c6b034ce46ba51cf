# Builds, starts and stops the application itself.
#
# What runs is told by the file "running": the keeper's process, which starts the application again when it ends by itself,
# when that process began (a number is given to others later), the port, the mode, and a token. Only what answers with that
# token is ours. So there are four states:
#   nothing    no such file, or the process it names is gone
#   ready      the process is there and answers with its token
#   starting   the process is there and does not answer yet, for a minute at most
#   stuck      the process is there and has not answered for longer

application_jar() { find "$root/app/target" -maxdepth 1 -name 'golden-tally-app-*-application.jar' -print -quit 2>/dev/null || true; }

run_maven() { (cd "$root" && exec mvn -B -ntp "$@"); }

# newer_than FILE PLACE …: a file of these places that is newer; build output and generated files apart.
newer_than() {
  local file=$1; shift
  find "$@" -newer "$file" -type f -not -name schema.d.ts -print -quit 2>/dev/null || true
}

build_if_changed() {
  local jar changed pages=("$root"/web/{src,public,index.html,package.json,package-lock.json,openapi.json})
  jar=$(application_jar)
  if [ -n "$jar" ]; then
    changed=$(newer_than "$jar" "$root/pom.xml" "$root"/{core,app,web}/pom.xml "$root"/{core,app}/src/main "${pages[@]}")
    # The pages may be older than the archive that they are in, after a build without them.
    if [ -z "$changed" ]; then
      [ ! -f "$root/web/target/dist/index.html" ] || changed=$(newer_than "$root/web/target/dist/index.html" "${pages[@]}")
    fi
    [ -n "$changed" ] || return 0
    say "building again, since the sources have changed (${changed#"$root/"})"
  else
    say "building for the first time; with everything to fetch this takes a few minutes"
  fi
  need_room "$root"
  # Classes that have moved or are gone must not stay in what is built.
  rm -rf "$root"/{core,app}/target/{classes,maven-status,spring-aot}
  run_maven -T 2 -q -DskipTests package -pl core,web,app >"$state/build.log" 2>&1 || {
    grep -E '^\[ERROR\]|error' "$state/build.log" | head -n 20 >&2 || true
    fail "the build failed; all of it is in $state/build.log"
  }
  stop_application
}

running() { sed -n "s/^$1=//p" "$state/running" 2>/dev/null || true; }

# When a process began, in ticks since the machine did; nothing for one that is gone.
began() { sed 's/.*) //' "/proc/$1/stat" 2>/dev/null | awk '$1 != "Z" { print $20 }' || true; }

is_alive() { [ -n "$1" ] && [ -n "$2" ] && [ "$(began "$1")" = "$2" ]; }

# runs PID PLACE …: whether its command names one of these places; numbers that files noted may be another program's now.
runs() {
  local pid=$1 place words
  shift
  words=$(tr '\0' ' ' 2>/dev/null < "/proc/$pid/cmdline" || true)
  for place in "$@"; do
    case "$words" in *"$place"*) return 0 ;; esac
  done
  return 1
}

keeper_is_alive() { is_alive "$(running keeper)" "$(running began)" && runs "$(running keeper)" "$root/scripts/keeper"; }

# answers PORT TOKEN: whether it is ours that answers there; curl may not be on a fresh machine, bash is.
answers() {
  local line
  { exec 3<>"/dev/tcp/127.0.0.1/$1"; } 2>/dev/null || return 1
  printf 'GET /api/health HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' >&3 2>/dev/null || true
  while read -r -t 5 line <&3; do
    if [[ $line == *"\"instance\":\"$2\""* ]]; then exec 3>&-; return 0; fi
  done 2>/dev/null
  [[ ${line:-} == *"\"instance\":\"$2\""* ]] && { exec 3>&-; return 0; }
  exec 3>&-
  return 1
}

# Its keeper was killed, and it was not.
answers_unkept() { [ -n "$(running port)" ] && answers "$(running port)" "$(running token)"; }

application_state() {
  if ! keeper_is_alive; then printf nothing
  elif answers "$(running port)" "$(running token)"; then printf ready
  elif [ "$(($(date +%s) - $(running at)))" -lt 60 ]; then printf starting
  else printf stuck; fi
}

# ends_within SECONDS PROCESS BEGAN
ends_within() {
  local n
  for n in $(seq "$(($1 * 10))"); do
    is_alive "$2" "$3" || return 0
    sleep 0.1
  done
  return 1
}

stop_application() {
  local keeper began child child_began
  keeper=$(running keeper)
  began=$(running began)
  if ! keeper_is_alive; then
    stop_what_earlier_versions_started
    rm -f "$state/running"
    return 0
  fi
  read -r child child_began < "$state/process" 2>/dev/null || true
  kill -TERM "$keeper" 2>/dev/null || true
  if ! ends_within "${GOLDEN_TALLY_PATIENCE:-60}" "$keeper" "$began"; then
    say "it does not end when asked; it is killed"
    ! is_alive "${child:-}" "${child_began:-}" || kill -KILL "$child" 2>/dev/null || true
    kill -KILL "$keeper" 2>/dev/null || true
    ends_within 10 "$keeper" "$began" || fail "the application does not stop; its process is $keeper"
  fi
  rm -f "$state/running" "$state/process"
  say "the application is stopped"
}

# Versions without a keeper left the number of their process only.
stop_what_earlier_versions_started() {
  local pid
  pid=$(cat "$state/application.pid" 2>/dev/null || cut -d' ' -f1 "$state/process" 2>/dev/null || true)
  rm -f "$state"/{application.pid,process,mode,address,application.log}
  if [[ $pid =~ ^[0-9]+$ ]] && runs "$pid" "$root/app/target/golden-tally-app" "$state/unpacked/golden-tally-app"; then
    kill -TERM "$pid" 2>/dev/null || true
    ends_within 20 "$pid" "$(began "$pid")" || kill -KILL "$pid" 2>/dev/null || true
    say "an application that nobody looked after is stopped"
  fi
}

# The application unpacked, with what its runs have learnt beside it (scripts/keeper). What is written there at a stop makes
# the folder newer than the archive, so the archive that it came of is noted, not compared by age.
unpacked_application() {
  local jar built unpacked="$state/unpacked"
  jar=$(application_jar)
  built=$(stat -c '%Y %s' "$jar")
  if [ "$(cat "$unpacked/built-from" 2>/dev/null)" != "$built" ]; then
    rm -rf "$unpacked" "$state/classes.jsa" # where earlier versions kept it
    "$JAVA_HOME/bin/java" -Djarmode=tools -jar "$jar" extract --destination "$unpacked" >/dev/null
    printf '%s\n' "$built" > "$unpacked/built-from"
  fi
  printf '%s' "$unpacked/$(basename "$jar")"
}

database_name() { if [ "$1" = demo ]; then printf golden_tally_demo; else printf golden_tally; fi; }

# ready_database NAME: the cluster is up, the database is in it, and what the application brings fits what is kept.
ready_database() {
  local name=$1 dir="$state/database" kept newest
  if [ ! -e "$dir/cluster" ]; then say "creating a database of its own in $dir"; fi
  create_database "$dir"
  start_database "$dir" 5433
  make_schema "$dir" "$name"
  kept=$(kept_version "$dir" "$name")
  newest=$(newest_version)
  [ "$kept" -le "$newest" ] \
    || fail "the data were kept by a newer Golden Tally (version $kept of the tables, this one knows $newest); check out the newer one, or go back to a copy with: ./golden-tally restore FILE"
  if [ "$kept" -gt 0 ] && [ "$kept" -lt "$newest" ]; then
    say "the tables change from version $kept to $newest; a copy is made first"
    make_copy "$name" "before-version-$newest"
  fi
}

# The port that it answers at, start after start: what waits in a browser (taps, edits) belongs to an address and is sent when
# Golden Tally answers there again. Who names another one moves it there.
home_port() {
  local kept
  kept=$(cat "$state/port" 2>/dev/null || true)
  [[ $kept =~ ^[1-9][0-9]{0,4}$ ]] || kept=8090
  printf '%s' "${GOLDEN_TALLY_PORT:-$kept}"
}

# keep_port PORT: from the first start on, or where it is named.
keep_port() {
  local home
  home=$(home_port)
  [ -e "$state/port" ] || [ -n "${GOLDEN_TALLY_PORT:-}" ] || home=$1
  printf '%s\n' "$home" > "$state/port.part"
  mv "$state/port.part" "$state/port"
  if [ "$1" != "$home" ]; then
    say "what still waits in a browser at port $home is sent once Golden Tally answers there again: free that port, then stop and start"
  fi
}

# start_everything demo|own
start_everything() {
  local mode=$1 name port first tries
  name=$(database_name "$mode")
  case "$(application_state)" in
    ready)
      if [ "$(running mode)" = "$mode" ] && [ "$(running built)" = "$(stat -c %Y "$(application_jar)")" ] && database_is_up "$state/database"; then
        say "already running: $(running address)"
        return
      fi
      stop_application ;;
    starting | stuck) stop_application ;;
    nothing) stop_what_earlier_versions_started ;;
  esac
  need_room "$state"
  ready_database "$name"
  mkdir -p -m 700 "$state/logs"
  (umask 077; application_environment "$name" nobody; learn "$GOLDEN_TALLY_JAR" "$mode")
  first=$(home_port)
  port=$first
  for tries in 1 2 3 4 5; do
    port=$(free_port_from "$port")
    [ "$port" = "$first" ] || say "port $first is busy; taking $port"
    say "starting"
    if start_keeper "$mode" "$name" "$port"; then
      keep_port "$port"
      say "ready at http://127.0.0.1:$port/"
      return
    fi
    # Somebody took the port after it was looked at.
    grep -qs 'already in use' "$state/logs/start.log" || break
    port=$((port + 1))
  done
  tail -n 20 "$state/logs/start.log" >&2 || true
  fail "the application did not start; see $state/logs/start.log and $state/logs/application.log"
}

# application_environment NAME TOKEN: where the application finds its database, and what it is called. Passwords are files
# of a folder that it reads: an environment is shown to whoever lists processes.
application_environment() {
  local secrets=$state/secrets
  mkdir -p -m 700 "$secrets"
  cat "$state/database/password" > "$secrets/GOLDEN_TALLY_OWNER_PASSWORD"
  cat "$state/database/app-password" > "$secrets/GOLDEN_TALLY_DATABASE_PASSWORD"
  GOLDEN_TALLY_JAR=$(unpacked_application)
  export GOLDEN_TALLY_JAR GOLDEN_TALLY_STATE=$state GOLDEN_TALLY_INSTANCE=$2 GOLDEN_TALLY_NAME=$1
  export GOLDEN_TALLY_DATABASE_URL="jdbc:postgresql://127.0.0.1:$(cat "$state/database/port")/$1"
  export SPRING_CONFIG_IMPORT="configtree:$secrets/" GOLDEN_TALLY_COPIES=$state/copies
}

# start_keeper MODE NAME PORT: whether it is ready in the end.
start_keeper() {
  local mode=$1 name=$2 port=$3 token keeper profile=own n
  [ "$mode" = own ] || profile=$mode
  token=$(secret)
  rm -f "$state/process" "$state/came-up" "$state/trouble"
  [ ! -e "$state/logs/start.log" ] || mv -f "$state/logs/start.log" "$state/logs/start.log.1"
  (
    umask 077
    application_environment "$name" "$token"
    exec setsid nohup bash "$root/scripts/keeper" --server.port="$port" --spring.profiles.active="$profile" \
      >>"$state/logs/start.log" 2>&1 </dev/null 9>&-
  ) &
  keeper=$!
  printf '%s\n' "keeper=$keeper" "began=$(began "$keeper")" "at=$(date +%s)" "port=$port" "token=$token" "mode=$mode" \
    "built=$(stat -c %Y "$(application_jar)")" "address=http://127.0.0.1:$port/" > "$state/running"
  for n in $(seq 900); do
    if answers "$port" "$token"; then
      touch "$state/came-up"
      return 0
    fi
    [ -n "$(began "$keeper")" ] || return 1
    sleep 0.1
  done
  stop_application
  return 1
}

# status: what runs, in words.
tell_status() {
  local known
  case "$(application_state)" in
    ready) say "running at $(running address) ($(running mode))" ;;
    starting) say "starting, at $(running address)" ;;
    stuck) say "its process $(running keeper) is there, but it does not answer at $(running address); stop and start it" ;;
    nothing)
      if answers_unkept; then say "running at $(running address) ($(running mode)), but nobody looks after it; start it once more"
      else say "not running"; fi ;;
  esac
  known=$(cat "$state/trouble" 2>/dev/null || true)
  [ -z "$known" ] || say "last known: $known"
  if database_is_up "$state/database"; then say "its database runs on port $(cat "$state/database/port")"; else say "its database does not run"; fi
}
