# Starting the JVM of the application, and what makes that quick.

# run_application [OPTIONS OF THE JVM] -- [OPTIONS OF THE APPLICATION]
run_application() {
  local options=() bounds
  mapfile -t bounds < <(grep -v '^#' "$root/scripts/jvm-bounds")
  while [ "$1" != -- ]; do options+=("$1"); shift; done
  shift
  exec "$JAVA_HOME/bin/java" "${bounds[@]}" "${options[@]}" -Dspring.aot.enabled=true \
    -Dlogging.file.name="$state/logs/application.log" -Dlogging.threshold.console=ERROR -jar "$GOLDEN_TALLY_JAR" "$@"
}

# learnt_file JAR: where what the JVM of this machine learns about this application is kept. It is good for one JVM and one
# folder, so both are in its name. Nothing before Java 25, which keeps an archive of classes by itself.
learnt_file() {
  local version folder
  folder=$(dirname "$1")
  version=$(sed -n 's/^JAVA_VERSION="\(.*\)"/\1/p' "$JAVA_HOME/release" 2>/dev/null)
  [ "${version%%[!0-9]*}" -ge 25 ] 2>/dev/null || return 0
  printf '%s' "$folder/learnt-$version-$(printf '%s' "$folder" | cksum | cut -d' ' -f1).aot"
}

# quick_start JAR: options of the JVM, one in each line.
quick_start() {
  local kept
  kept=$(learnt_file "$1")
  if [ -z "$kept" ]; then printf '%s\n' -XX:+AutoCreateSharedArchive "-XX:SharedArchiveFile=$(dirname "$1")/classes.jsa"
  elif [ -e "$kept" ]; then printf '%s\n' "-XX:AOTCache=$kept"; fi
}

# learn JAR PROFILE: one run as far as the application is put together, once after it was built. Every start after it is
# quick, also one after a kill, and a stop has nothing to keep. Where it does not come off, starts are only slower.
learn() {
  local kept
  kept=$(learnt_file "$1")
  [ -n "$kept" ] && [ ! -e "$kept" ] || return 0
  say "learning to start quickly, once after it was built"
  rm -f "$(dirname "$1")"/learnt-*
  # In two steps, so that a small machine holds one JVM at a time.
  if (
    GOLDEN_TALLY_JAR=$1
    (run_application -XX:AOTMode=record "-XX:AOTConfiguration=$kept.part.seen" -Dspring.context.exit=onRefresh -- --spring.profiles.active="$2") \
      && run_application -XX:AOTMode=create "-XX:AOTConfiguration=$kept.part.seen" "-XX:AOTCache=$kept.part" --
  ) >"$state/logs/learning.log" 2>&1 </dev/null 9>&- && [ -e "$kept.part" ]; then
    mv "$kept.part" "$kept"
  fi
  rm -f "$kept".part*
}
