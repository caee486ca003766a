# Shared by bin/kohlrabi, bin/test and bin/bench: installs what is missing, or says what to install.
# Everything goes into the clone (vendor/bundle, web/node_modules); only Debian packages go to the system.

root="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)"
export BUNDLE_GEMFILE="$root/Gemfile" BUNDLE_PATH="$root/vendor/bundle" BUNDLE_SILENCE_ROOT_WARNING=1
export BUNDLE_DISABLE_VERSION_CHECK=true LANG="${LANG:-C.UTF-8}"

fail() { echo "$*" >&2; exit 1; }

# need COMMAND PACKAGE…: installs Debian packages as root where COMMAND is missing, else says what to install.
need() {
  local command="$1"; shift
  command -v "$command" >/dev/null 2>&1 && return
  if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null 2>&1; then
    echo "Installing $* …" >&2
    { apt-get update -q && DEBIAN_FRONTEND=noninteractive apt-get install -yq --no-install-recommends "$@"; } >&2 || fail "Could not install $*."
  else
    fail "“$command” is missing. Install it (on Debian: apt-get install $*), then run this again."
  fi
}

# gems [without-group]: installs the gems of the lock file where they are not there yet.
gems() {
  need ruby ruby ruby-dev bundler build-essential libyaml-dev pkg-config
  need bundle bundler ruby-dev build-essential libyaml-dev pkg-config
  ruby -e 'exit(RUBY_VERSION >= "3.1")' || fail "Ruby 3.1 or later is needed; this is $(ruby -e 'print RUBY_VERSION')."
  pictures
  export BUNDLE_WITHOUT="${1:-}"
  local checked="$BUNDLE_PATH/.checked-without-${1:-none}" # asking the bundler takes half a second of each start
  if [ "$checked" -nt "$root/Gemfile.lock" ] && [ "$checked" -nt "$root/Gemfile" ]; then return; fi
  if bundle check >/dev/null 2>&1; then touch "$checked" 2>/dev/null || true; return; fi
  need cc build-essential ruby-dev libssl-dev
  need pkg-config pkg-config
  system_libraries
  echo "Installing gems (once; about a minute where the system's libraries are there, else several) …" >&2
  bundle install --quiet --jobs 4 --retry 3 >&2 || fail "The gems could not be installed; see above."
  touch "$checked" 2>/dev/null || true
  echo "The gems are installed (after $SECONDS s)." >&2
}

# system_libraries: has gems built against the libraries of the system where their headers are there or, on Debian as root, can
# be installed: compiling those libraries themselves takes minutes.
system_libraries() {
  if ! pkg-config --exists libxml-2.0 libxslt sqlite3 libffi && [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null 2>&1; then
    echo "Installing headers of libxml2, libxslt, SQLite and libffi …" >&2
    { apt-get update -q && DEBIAN_FRONTEND=noninteractive apt-get install -yq --no-install-recommends \
      libxml2-dev libxslt1-dev libsqlite3-dev libffi-dev; } >/dev/null 2>&1 || echo "They could not be installed; going on without." >&2
  fi
  if pkg-config --exists libxml-2.0 libxslt; then export BUNDLE_BUILD__NOKOGIRI="--use-system-libraries"; fi
  if pkg-config --exists sqlite3; then export BUNDLE_BUILD__SQLITE3="--enable-system-libraries"; fi
  if pkg-config --exists libffi; then export BUNDLE_BUILD__FFI="--enable-system-libffi"; fi
}

# gems_and_packages [without-group]: both side by side, where the interface is still to be built.
gems_and_packages() {
  local beside=""
  if [ ! -f "$root/server/public/index.html" ]; then
    need node nodejs npm # before: two installations of Debian's packages cannot go on at once
    need npm npm
    packages "$([ "${1:-}" = test ] || echo test)" & beside=$!
  fi
  gems "${1:-}"
  [ -z "$beside" ] || wait "$beside" || fail "The packages could not be installed; see above."
}

# pictures: the library that reads and writes photos.
pictures() {
  ruby -rfiddle -e 'exit(%w[libvips.so.42 libvips.42.dylib libvips-42.dll].any? { |name| Fiddle.dlopen(name) rescue nil } ? 0 : 1)' && return
  need vips libvips-tools
}

# packages [test]: installs the web part's packages of the lock file; those that only checks need where they are asked for,
# or are there already.
packages() {
  local modules="$root/web/node_modules" only="--omit=dev"
  if [ "${1:-}" = test ] || [ -x "$modules/.bin/eslint" ]; then only=""; fi
  need node nodejs npm
  need npm npm
  node -e 'process.exit(+process.versions.node.split(".")[0] >= 20 ? 0 : 1)' || fail "Node 20 or later is needed; this is $(node --version)."
  if [ "$modules/.package-lock.json" -nt "$root/web/package-lock.json" ] && { [ -n "$only" ] || [ -x "$modules/.bin/eslint" ]; }; then return; fi
  echo "Installing packages of the interface (once) …" >&2
  (cd "$root/web" && npm ci $only --no-audit --no-fund --loglevel=error >&2) || fail "The packages could not be installed; see above."
  touch "$modules/.package-lock.json"
  echo "The packages are installed (after $SECONDS s)." >&2
}

# interface: builds the web part where its sources are newer than what was built.
interface() {
  local built="$root/server/public/index.html"
  if [ -f "$built" ] && [ -f "$root/tmp/contract.json" ] && [ -z "$(find "$root/web/src" "$root/web/index.html" "$root/web/public" "$root/web/vite.config.ts" \
      "$root/web/package-lock.json" "$root/web/contract.mjs" "$root/api" -newer "$built" ! -name schema.ts -type f -print -quit)" ]; then return; fi
  packages
  echo "Building the interface …" >&2
  (cd "$root/web" && npm run --silent build >&2) || fail "The interface could not be built; see above."
}
