# Shared by the commands: installs what is missing on a fresh machine.
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

# Builds only when a source is newer than the last build.
need_build() {
  if [ -f .next/BUILD_ID ] && [ -z "$(find src demo public next.config.ts package-lock.json tsconfig.json -newer .next/BUILD_ID -type f ! -name '*.test.*' -print -quit)" ]; then return; fi
  echo "Building …" >&2
  npx next build >&2
}
