# What both commands stand on. Sets ROOT and STATE and loads the rest.

set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
cd "$ROOT"
STATE="$ROOT/storage/dinghy"

for part in say processes system packages database; do
    # shellcheck source=/dev/null
    . "$ROOT/bin/shared/$part.sh"
done

mkdir -p "$STATE" storage/framework/{cache/data,sessions,views} storage/logs storage/app bootstrap/cache

# PHP's own settings, and those that compile what computes: its just-in-time compiler is off on the command line by itself.
export PHP_INI_SCAN_DIR="${PHP_INI_SCAN_DIR-}:$ROOT/bin/shared/php"

write_env() {
    if [ ! -f .env ]; then
        cp .env.example .env
        sed -i "s|^APP_KEY=.*|APP_KEY=base64:$(head -c 32 /dev/urandom | base64)|" .env
    fi
}
