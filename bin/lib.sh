# Shared by the commands: installs what is missing on a fresh machine, runs steps and counts what passed.
export NEXT_TELEMETRY_DISABLED=1
cd "$(dirname "${BASH_SOURCE[0]}")/.."

# The lock file's fingerprint tells whether what is installed is what is wanted.
need_packages() {
  local want
  want=$(cksum package-lock.json | cut -d' ' -f1)
  if [ "$(cat node_modules/.kolpos-lock 2>/dev/null)" != "$want" ]; then
    echo "Installing packages …" >&2
    npm ci --no-audit --no-fund --loglevel=error >&2
    echo "$want" >node_modules/.kolpos-lock
  fi
}

need_chromium() {
  [ -x /usr/bin/chromium ] && return
  echo "Installing Debian's Chromium …" >&2
  local sudo=""
  [ "$(id -u)" = 0 ] || sudo=sudo
  $sudo apt-get update -qq >&2 && $sudo apt-get install -y -qq chromium >&2
}

# A port that nobody listens on.
free_port() {
  node -e 'const s=require("net").createServer().listen(0,()=>{console.log(s.address().port);s.close()})'
}

# Builds only when a source is newer than the last build.
need_build() {
  if [ -f .next/BUILD_ID ] && [ -z "$(find src demo public next.config.ts package-lock.json tsconfig.json -newer .next/BUILD_ID -type f ! -name '*.test.*' -print -quit)" ]; then return; fi
  echo "Building …" >&2
  npx next build >&2
}

passed=0
failed=0
# What was red, named once more at the end: a long log may be cut at its beginning.
red=()
logs=test-results/steps
# Begins a step beside the others; what it prints is shown by end_steps, in the order of beginning.
names=()
pids=()
begin() { # name, command …
  local name=$1
  shift
  mkdir -p "$logs"
  "$@" >"$logs/${#names[@]}.log" 2>&1 &
  names+=("$name")
  pids+=($!)
}
end_steps() {
  local i
  for i in "${!names[@]}"; do
    echo
    echo "── ${names[$i]}"
    if wait "${pids[$i]}"; then
      passed=$((passed + 1))
      cat "$logs/$i.log"
    else
      failed=$((failed + 1))
      cat "$logs/$i.log"
      echo "✗ ${names[$i]} failed"
      red+=("${names[$i]}: $(grep -v '^npm warn' "$logs/$i.log" | tail -n 3 | tr '\n' ' ' | cut -c1-300)")
    fi
  done
  names=()
  pids=()
}

# Counts of a runner's own report, added to ours. A report that is missing is a failure.
count() { # file, script printing "passed failed"
  local numbers
  if numbers=$(node -e "$2" "$1" 2>/dev/null); then
    passed=$((passed + ${numbers% *}))
    failed=$((failed + ${numbers#* }))
    [ "${numbers#* }" = 0 ] || red+=("${numbers#* } in $1")
  else
    failed=$((failed + 1))
    echo "✗ no report in $1"
    red+=("no report in $1")
  fi
}
count_unit() {
  count test-results/unit.json 'const r=JSON.parse(require("fs").readFileSync(process.argv[1]));const broken=r.testResults.filter(f=>f.status==="failed"&&f.assertionResults.length===0).length;if(r.numTotalTests===0)process.exit(1);console.log(r.numPassedTests+" "+(r.numFailedTests+broken))'
}

# What reads the sources without running them, all beside each other: each is mostly one thread. "again" looks only at what changed since the
# last time, where a tool can; lint of a file that did not change can be out of date by what it imports, so a whole run never asks for that.
static_steps() { # again?
  local lint="" format="" kept=node_modules/.cache/kolpos
  if [ "${1:-}" = again ]; then
    mkdir -p "$kept"
    lint="--cache --cache-strategy content --cache-location $kept/eslint"
    format="--cache --cache-strategy content --cache-location $kept/prettier"
  fi
  npx next typegen >/dev/null 2>&1
  # The compiler in its native build, a third of the work; what reads types as a library still wants the other one.
  begin types node node_modules/tsc-native/bin/tsc --noEmit
  # shellcheck disable=SC2086 # options, apart
  begin lint npx eslint . --max-warnings 0 $lint
  # shellcheck disable=SC2086
  begin format npx prettier --check --log-level warn $format .
  begin "dependency rules" npx depcruise --config .dependency-cruiser.cjs src demo bench scripts --output-type err
  begin "unused code" npx knip --include files,dependencies,unlisted,unresolved,binaries
}

# The last lines of a run: what was red, and how many.
conclude() {
  local line
  echo
  for line in ${red[@]+"${red[@]}"}; do echo "✗ $line"; done
  echo "$passed passed, $failed failed"
  [ "$failed" = 0 ]
}
