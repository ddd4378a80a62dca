# How the two commands speak: one line a step, and one clear sentence when something is wrong.

say() { printf '%s\n' "· $*"; }

fail() {
    printf '\n%s\n' "$*" >&2
    exit 1
}
