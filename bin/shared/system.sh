# What the machine itself must have: Debian packages, PHP, Composer, Node.

need_tools() {
    command -v php >/dev/null || fail "PHP is missing. Install Debian's php-cli (8.2 or later)."
    php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' || fail "PHP 8.2 or later is needed; this is $(php -r 'echo PHP_VERSION;')."
    command -v composer >/dev/null || fail "Composer is missing. Install Debian's composer package."
    command -v node >/dev/null || fail "Node is missing. Install Node 20 or later with npm."
    node -e 'process.exit(parseInt(process.versions.node) >= 20 ? 0 : 1)' || fail "Node 20 or later is needed; this is $(node --version)."
    command -v npm >/dev/null || fail "npm is missing. Install it with Node 20."
}

# need_packages NAME… : installs the Debian packages that are not there yet, as root; otherwise says the line to run.
need_packages() {
    local missing=() name
    for name in "$@"; do
        [ "$(dpkg-query -W -f '${Status}' "$name" 2>/dev/null)" = "install ok installed" ] || missing+=("$name")
    done
    [ ${#missing[@]} -eq 0 ] && return 0
    if [ "$(id -u)" -ne 0 ]; then
        fail "These system packages are missing. Run this line once, then start again:
  sudo apt-get install -y --no-install-recommends ${missing[*]}"
    fi
    say "Installing system packages: ${missing[*]}"
    local log
    log=$(mktemp)
    if ! { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}"; } >"$log" 2>&1; then
        tail -n 20 "$log" >&2
        rm -f "$log"
        fail "The system packages could not be installed; apt's own words stand above."
    fi
    rm -f "$log"
}

# libjpeg-turbo-progs: reads a photograph and says what GD passes over. zip: without a lock file Composer settles the test packages' wishes too, though it leaves them out; and it unpacks with it.
APP_PACKAGES=(mariadb-server php8.2-mysql php8.2-xml php8.2-mbstring php8.2-gd php8.2-curl php8.2-zip unzip libjpeg-turbo-progs)
TEST_PACKAGES=(chromium chromium-driver ngspice poppler-utils)
