# Everything that tests or measures.

# Everything that is tested: the scripts, core, the pages, the application, the journeys.
run_tests() {
  local log=$state/scripts-test.log beside failed=""
  mkdir -p "$state"
  # These mostly wait for a database to start and stop, so they run beside the rest.
  bash "$root/scripts/test/all" > "$log" 2>&1 &
  beside=$!
  # The pages are built and checked beside core: they wait for the registry, and for one processor, most of the time.
  run_maven -T 2 spotless:check verify "$@" || failed="tests failed; which did is said above"
  wait "$beside" || failed="${failed:-the tests of the scripts failed; which did is said above}"
  cat "$log"
  [ -z "$failed" ] || fail "$failed"
}

# run_it OPTIONS: only the integration tests that the options name.
run_it() { run_maven verify -Djacoco.skip=true -Dtest=none -Dsurefire.failIfNoSpecifiedTests=false "$@" || fail "it failed; why is said above"; }

# Figures that look at the clock: over an hour, most of it two hundred starts. The short forms of these are among the tests.
run_siege() {
  run_it -q -pl core,web,app "-Dit.test=${1:-MutationsIT,SurvivalIT,SiegeIT}" -Dgoldentally.mutations=100000 -Dgoldentally.kills=100 \
    -Dgoldentally.siege=true 2>&1 | grep -E "SIEGE|ERROR|FAIL|expected|Expecting" | sed 's/^.*SIEGE //'
  [ -n "${1:-}" ] || bash "$root/scripts/test/small-machine"
}

# What the registries know: newer versions, and holes that were announced.
tell_updates() {
  run_maven -q versions:display-dependency-updates versions:display-plugin-updates -DprocessDependencyManagement=false -Dversions.outputFile="$state/updates.txt" \
    || say "Maven's registry does not tell"
  [ ! -s "$state/updates.txt" ] || cat "$state/updates.txt"
  (cd "$root/web" && npm outdated --omit=dev) || true
  (cd "$root/web" && npm audit --omit=dev --audit=true) || say "npm found holes, or its registry does not tell"
}

run_bench_http() {
  local bounds
  bounds=$(grep -v '^#' "$root/scripts/jvm-bounds" | tr '\n' ' ')
  run_it -Dit.test=EditBenchmarkIT -Dgoldentally.bench=true "-Dtest.jvm=-Xshare:auto --enable-native-access=ALL-UNNAMED $bounds" 2>&1 \
    | grep -E "edit to picture|a step of zooming|ERROR"
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

# run_mutation [PACKAGE]: mutants of each package of core against the tests of that package; slow, so one by one.
run_mutation() {
  local package all=core/src/main/java/org/goldentally/core
  run_maven -q -DskipTests test-compile -pl core
  printf '%-12s %8s %8s %8s %8s\n' package mutants covered killed share
  for package in ${1:-$(cd "$root/$all" && for each in */; do printf '%s ' "${each%/}"; done)}; do
    [ -d "$root/$all/$package" ] || fail "core has no package $package"
    (cd "$root" && mvn -B -q -pl core org.pitest:pitest-maven:mutationCoverage \
      "-DtargetClasses=org.goldentally.core.$package.*" "-DtargetTests=org.goldentally.core.$package.*" \
      > "$state/mutation.log" 2>&1) || { say "$package: the mutants did not run; see $state/mutation.log"; continue; }
    awk -F, -v package="$package" '
      { all++ } $6 != "NO_COVERAGE" { covered++ } $6 == "KILLED" || $6 == "TIMED_OUT" || $6 == "MEMORY_ERROR" { killed++ }
      END { printf "%-12s %8d %8d %8d %7.0f%%\n", package, all, covered, killed, covered ? 100 * killed / covered : 0 }' \
      "$root/core/target/pit-reports/mutations.csv"
  done
}
