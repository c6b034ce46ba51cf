# Builds, starts and stops the application itself.

application_jar() { find "$root/app/target" -maxdepth 1 -name 'golden-tally-app-*-application.jar' -print -quit 2>/dev/null || true; }

run_maven() { (cd "$root" && mvn -B -ntp "$@"); }

build_if_changed() {
  local jar changed
  jar=$(application_jar)
  if [ -n "$jar" ]; then
    changed=$(find "$root/pom.xml" "$root"/{core,app,web}/pom.xml "$root"/{core,app}/src/main "$root"/web/{src,public,index.html,package.json,package-lock.json,openapi.json} \
      -newer "$jar" -type f -not -name schema.d.ts -print -quit 2>/dev/null || true)
    # The pages may be older than the archive that they are in, after a build without them.
    [ -n "$changed" ] || changed=$(find "$root"/web/{src,public,index.html,package.json,package-lock.json,openapi.json} \
      -newer "$root/web/target/dist/index.html" -type f -not -name schema.d.ts -print -quit 2>&1 || true)
    [ -n "$changed" ] || return 0
    say "building again, since the sources have changed"
  else
    say "building for the first time; with everything to fetch this takes a few minutes"
  fi
  mkdir -p "$state"
  run_maven -q -DskipTests package -pl core,web,app >"$state/build.log" 2>&1 || {
    grep -E '^\[ERROR\]|error' "$state/build.log" | head -n 20 >&2
    fail "the build failed; all of it is in $state/build.log"
  }
  stop_application
}

application_pid() {
  local pid
  pid=$(cat "$state/application.pid" 2>/dev/null) || return 1
  [ -n "$pid" ] && grep -qs golden-tally "/proc/$pid/cmdline" && printf '%s' "$pid"
}

stop_application() {
  local pid
  pid=$(application_pid) || return 0
  kill "$pid" 2>/dev/null || true
  for _ in $(seq 100); do
    [ -e "/proc/$pid" ] || break
    sleep 0.1
  done
  rm -f "$state/application.pid"
  say "the application is stopped"
}

# answers PORT: whether the application answers there; curl may not be on a fresh machine, bash is.
answers() {
  local line
  { exec 3<>"/dev/tcp/127.0.0.1/$1"; } 2>/dev/null || return 1
  printf 'GET /api/quilts HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' >&3
  read -r -t 10 line <&3 || line=
  exec 3>&-
  [[ $line == *" 200"* ]]
}

# The application unpacked beside its archive of loaded classes: it starts in half the time of the packed one.
unpacked_application() {
  local jar unpacked="$state/unpacked"
  jar=$(application_jar)
  if [ ! -d "$unpacked" ] || [ "$jar" -nt "$unpacked" ]; then
    rm -rf "$unpacked" "$state/classes.jsa"
    "$JAVA_HOME/bin/java" -Djarmode=tools -jar "$jar" extract --destination "$unpacked" >/dev/null
    touch "$unpacked"
  fi
  printf '%s' "$unpacked/$(basename "$jar")"
}

# start_everything demo|own
start_everything() {
  local mode=$1 name=golden_tally profile=own port url pid jar
  [ "$mode" = demo ] && { name=golden_tally_demo; profile=demo; }
  mkdir -p "$state"
  if pid=$(application_pid); then
    if [ "$(cat "$state/mode" 2>/dev/null)" = "$mode" ] && [ "$state/application.pid" -nt "$(application_jar)" ]; then
      say "already running: $(cat "$state/address")"
      return
    fi
    stop_application
  fi
  if [ ! -d "$state/database/cluster" ]; then
    say "creating a database of its own in $state/database"
    create_database "$state/database"
  fi
  start_database "$state/database" 5433
  make_schema "$state/database" "$name"

  port=${GOLDEN_TALLY_PORT:-8090}
  if ! port_is_free "$port"; then
    url=$port
    port=$(free_port_from "$port")
    say "port $url is busy; taking $port"
  fi
  url="http://127.0.0.1:$port/"
  say "starting"
  jar=$(unpacked_application)
  GOLDEN_TALLY_DATABASE_URL="jdbc:postgresql://127.0.0.1:$(cat "$state/database/port")/$name" \
  GOLDEN_TALLY_DATABASE_PASSWORD="$(cat "$state/database/password")" \
    setsid nohup "$JAVA_HOME/bin/java" -XX:+UseSerialGC --enable-native-access=ALL-UNNAMED \
      -XX:+AutoCreateSharedArchive -XX:SharedArchiveFile="$state/classes.jsa" \
      -jar "$jar" --server.port="$port" --spring.profiles.active="$profile" \
      >"$state/application.log" 2>&1 </dev/null &
  pid=$!
  printf '%s' "$pid" > "$state/application.pid"
  for _ in $(seq 600); do
    if answers "$port"; then
      printf '%s' "$mode" > "$state/mode"
      printf '%s' "$url" > "$state/address"
      say "ready at $url"
      return
    fi
    [ -e "/proc/$pid" ] || break
    sleep 0.1
  done
  tail -n 20 "$state/application.log" >&2
  fail "the application did not start; see $state/application.log"
}

run_bench() {
  run_maven -q -DskipTests test-compile -pl core
  (cd "$root" && mvn -B -q dependency:build-classpath -pl core -Dmdep.outputFile="$root/core/target/test.classpath" -Dmdep.includeScope=test)
  local main=org.openjdk.jmh.Main
  if [[ "${1:-}" == cutting ]]; then
    main=org.goldentally.core.bench.CuttingBenchmark
    shift
  fi
  "$JAVA_HOME/bin/java" -cp "$root/core/target/test-classes:$root/core/target/classes:$(cat "$root/core/target/test.classpath")" \
    "$main" "$@"
}
