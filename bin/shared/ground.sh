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
# Sessions, logs and what is cached hold people's names and keys: they are the owner's of this checkout alone.
chmod 700 storage/framework/{cache,cache/data,sessions,views} storage/logs storage/app

# PHP's own settings, and those that compile what computes: its just-in-time compiler is off on the command line by itself.
export PHP_INI_SCAN_DIR="${PHP_INI_SCAN_DIR-}:$ROOT/bin/shared/php"

# write_env : makes .env with its secrets, once; gives one of an earlier Dinghy what it lacks. Sets DB_PASSWORD.
write_env() {
    if [ ! -f .env ]; then
        (umask 077 && cp .env.example .env)
        sed -i "s|^APP_KEY=.*|APP_KEY=base64:$(head -c 32 /dev/urandom | base64)|" .env
    fi
    chmod 600 .env
    if ! grep -q '^DB_PASSWORD=.' .env; then
        sed -i '/^DB_PASSWORD=/d' .env
        printf 'DB_PASSWORD=%s\n' "$(head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n')" >>.env
    fi
    DB_PASSWORD=$(sed -n 's/^DB_PASSWORD=//p' .env | tail -n 1)
    export DB_PASSWORD
}
