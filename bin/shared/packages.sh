# PHP and npm packages and the built front end, each redone only when what it is made from has changed.

# stale STAMP FILE… : true when the files differ from when the stamp was last set. What a build makes among its own sources
# does not count, or every first build would be stale at once.
MADE_BY_BUILDS=resources/js/api/schema.ts
stale() {
    local stamp="$STATE/$1.stamp"
    shift
    SUM=$(find "$@" -type f -not -path "$MADE_BY_BUILDS" -print0 2>/dev/null | sort -z | xargs -0 sha256sum | sha256sum)
    [ ! -f "$stamp" ] || [ "$(cat "$stamp")" != "$SUM" ]
}

done_with() { printf '%s\n' "$SUM" >"$STATE/$1.stamp"; }

quietly() {
    local log="$STATE/$1.log"
    shift
    if ! "$@" >"$log" 2>&1 </dev/null; then
        tail -n 30 "$log" >&2
        return 1
    fi
}

# install_php_packages run|all : what runs Dinghy, or that and what checks it. A list once installed whole stays whole, so
# that a start after a test run takes nothing away.
install_php_packages() {
    local what=$1 leave_out=(--no-dev)
    if [ "$what" = all ] || [ -f vendor/bin/phpunit ]; then
        what=all leave_out=()
    fi
    if stale "php-$what" composer.json compat || [ ! -f vendor/autoload.php ]; then
        say "Installing PHP packages"
        quietly composer composer install --no-interaction --no-progress --no-scripts "${leave_out[@]}" || fail "The PHP packages could not be installed; Composer's own words stand above."
        done_with "php-$what"
    fi
}

install_npm_packages() {
    if stale npm package.json package-lock.json || [ ! -d node_modules/vite ]; then
        say "Installing npm packages"
        quietly npm npm ci --no-audit --no-fund || fail "The npm packages could not be installed; npm's own words stand above."
        done_with npm
    fi
}

build_front_end() {
    if stale front resources/js docs/openapi.json docs/schema package-lock.json vite.config.ts || [ ! -f public/build/manifest.json ]; then
        say "Building the front end"
        quietly front npm run --silent build || fail "The front end could not be built; Vite's own words stand above."
        done_with front
    fi
}
