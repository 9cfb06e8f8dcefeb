# Shared by start, stop, test and bench; sourced, never run.
# shellcheck shell=bash
set -euo pipefail

root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$root"
mkdir -p .data
chmod 700 .data
export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1 NO_UPDATE_NOTIFIER=1
# The project's own Node.js, when the system's is too old (see need_node).
export PATH="$root/.tools/node_modules/.bin:$PATH"

say() { printf '» %s\n' "$*"; }
fail() { printf '✗ %s\n' "$*" >&2; exit 1; }

# Debian packages by name; asks the package lists only when one is missing.
need_packages() {
    local missing=() package
    for package in "$@"; do
        dpkg-query -W -f='${db:Status-Status}\n' "$package" 2>/dev/null | grep -qx installed || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return 0
    say "installing from Debian: ${missing[*]}"
    local sudo=()
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null && sudo -v 2>/dev/null ||
            fail "no right to install packages. Ask an administrator for: apt-get install ${missing[*]}"
        sudo=(sudo)
    fi
    "${sudo[@]}" apt-get update -qq -o DPkg::Lock::Timeout=300
    "${sudo[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends \
        -o DPkg::Lock::Timeout=300 "${missing[@]}" >.data/apt.log 2>&1 ||
        { tail -20 .data/apt.log >&2; fail "apt-get could not install: ${missing[*]}"; }
}

node_is_new_enough() {
    local major minor
    IFS=. read -r major minor _ < <(node --version 2>/dev/null | tr -d v) || return 1
    [ "${major:-0}" -gt 20 ] || { [ "${major:-0}" -eq 20 ] && [ "${minor:-0}" -ge 19 ]; }
}

# The front end's tools want Node.js 20.19; Debian 12 has 18, which is enough to fetch a newer one as an npm package.
need_node() {
    node_is_new_enough && command -v npm >/dev/null && return 0
    need_packages nodejs npm
    node_is_new_enough && return 0
    local arch
    case "$(uname -m)" in x86_64) arch=x64 ;; aarch64) arch=arm64 ;; *) fail "no Node.js for $(uname -m): install 20.19 or newer" ;; esac
    say "fetching Node.js 22 into .tools (the system's is too old)"
    npm install --silent --no-save --prefix .tools "node-linux-$arch@22.23.3" npm@11 >/dev/null
    mkdir -p .tools/node_modules/.bin
    ln -sf "../node-linux-$arch/bin/node" .tools/node_modules/.bin/node
    hash -r
    node_is_new_enough || fail "Node.js 20.19 or newer could not be installed"
}

# need_vendor <folder>: Composer runs only when the manifest changed.
need_vendor() {
    local folder=$1 stamp
    stamp=$(sha256sum <"$folder/composer.json" | cut -c1-64)
    [ "$(cat "$folder/vendor/.stamp" 2>/dev/null)" = "$stamp" ] && return 0
    say "installing PHP packages in ${folder/#./the project}"
    composer install --working-dir="$folder" --no-progress --quiet
    chmod -R a+rX "$folder/vendor"
    printf '%s' "$stamp" >"$folder/vendor/.stamp"
}

need_node_modules() {
    local stamp
    stamp=$(sha256sum <package-lock.json | cut -c1-64)
    [ "$(cat node_modules/.stamp 2>/dev/null)" = "$stamp" ] && return 0
    say "installing front-end packages"
    npm ci --silent >/dev/null
    printf '%s' "$stamp" >node_modules/.stamp
}

# Builds the front end when a source is newer than the last build.
need_front_end() {
    local newest
    newest=$(find resources vite.config.ts package-lock.json -type f -newer public/build/manifest.json -print -quit 2>/dev/null || echo missing)
    [ -f public/build/manifest.json ] && [ -z "$newest" ] && return 0
    say "building the front end"
    npm run --silent build >.data/build.log 2>&1 || { cat .data/build.log >&2; fail "the front end does not build"; }
}

need_environment() {
    mkdir -p storage/framework/{cache/data,sessions,views} storage/logs bootstrap/cache
    [ -f .env ] || { (umask 077 && cp .env.example .env) && php artisan key:generate --quiet; }
    chmod 600 .env
}

free_port() {
    local port=$1
    while (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; do port=$((port + 1)); done
    printf '%s' "$port"
}

# serve <port> <log>: the application on loopback, its settings and routes read once, into a folder of the port; sets server, the
# process group to end.
serve() {
    local made=$root/.data/made-$1
    (umask 077 && mkdir -p "$made")
    export APP_CONFIG_CACHE=$made/config.php APP_ROUTES_CACHE=$made/routes.php APP_EVENTS_CACHE=$made/events.php
    php artisan config:cache --quiet && php artisan route:cache --quiet && php artisan event:cache --quiet
    PHP_CLI_SERVER_WORKERS=12 setsid bin/serve "127.0.0.1:$1" >"$2" 2>&1 &
    server=$!
    for _ in $(seq 100); do
        (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null && return 0
        kill -0 "$server" 2>/dev/null || break
        sleep 0.1
    done
    [ "$2" = /dev/null ] || tail "$2" >&2
    fail "the server did not start"
}

# --- PostgreSQL: a cluster of the project's own on a free loopback port -------------------------------------------

pg_bin() { ls -d /usr/lib/postgresql/*/bin | sort -V | tail -1; }

# The server refuses to run as root; its folder must then be reachable for the user postgres.
pg_data() {
    if [ "$(id -u)" -eq 0 ]; then
        printf '/var/lib/postgresql/garnetine-%s-%s' "$(printf '%s' "$root" | sha256sum | cut -c1-10)" "$1"
    else
        printf '%s/.data/pg-%s' "$root" "$1"
    fi
}

pg_as() {
    if [ "$(id -u)" -eq 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

# pg_start <name>: starts (and first makes) the cluster, exports DB_* for the application.
pg_start() {
    local name=$1 data bin secret=".data/pg-$1.secret" port try
    data=$(pg_data "$name")
    bin=$(pg_bin)
    if [ ! -f "$data/PG_VERSION" ]; then
        say "making a PostgreSQL cluster"
        (umask 077 && head -c 18 /dev/urandom | base64 | tr '+/' 'ab' >"$secret")
        local pwfile
        pwfile=$(mktemp)
        cp "$secret" "$pwfile"
        [ "$(id -u)" -eq 0 ] && chown postgres "$pwfile"
        pg_as "$bin/initdb" -D "$data" -U garnetine --pwfile="$pwfile" -A scram-sha-256 --auth-local=reject \
            -E UTF8 --locale=C.UTF-8 --data-checksums >.data/initdb.log 2>&1 || { cat .data/initdb.log >&2; fail "initdb failed"; }
        rm -f "$pwfile"
    fi
    # A copy made anew at the same place finds the cluster, but not its password: a new one, and what was saved is still there.
    if [ ! -f "$secret" ]; then
        say "giving the PostgreSQL cluster of this place a new password"
        pg_stop "$name"
        (umask 077 && head -c 18 /dev/urandom | base64 | tr '+/' 'ab' >"$secret")
        printf "alter role garnetine password '%s'" "$(cat "$secret")" | pg_as "$bin/postgres" --single -D "$data" postgres >.data/password.log 2>&1 ||
            { rm -f "$secret"; cat .data/password.log >&2; fail "the password was not taken"; }
    fi
    if ! pg_runs "$name"; then
        # Another cluster may have begun at the same port meanwhile.
        for try in 1 2 3; do
            port=$(free_port 54320)
            pg_as "$bin/pg_ctl" -D "$data" -w -t 60 -l "$data/server.log" -o \
                "-c listen_addresses=127.0.0.1 -c port=$port -c unix_socket_directories='' -c max_connections=60" start >/dev/null && break
            [ "$try" -lt 3 ] || fail "PostgreSQL did not start; see $data/server.log"
        done
    fi
    port=$(pg_as sed -n 4p "$data/postmaster.pid" | tr -d ' ')
    export DB_CONNECTION=pgsql DB_HOST=127.0.0.1 DB_PORT=$port DB_USERNAME=garnetine DB_PASSWORD DB_DATABASE=garnetine
    DB_PASSWORD=$(cat "$secret")
    PGPASSWORD=$DB_PASSWORD psql -h 127.0.0.1 -p "$port" -U garnetine -d postgres -tAc \
        "select 1 from pg_database where datname='garnetine'" | grep -q 1 ||
        PGPASSWORD=$DB_PASSWORD createdb -h 127.0.0.1 -p "$port" -U garnetine garnetine
}

pg_runs() { pg_as "$(pg_bin)/pg_ctl" -D "$(pg_data "$1")" status >/dev/null 2>&1; }

# pg_role: makes the application's own role, which owns nothing and can change nothing that is kept for ever, and exports it.
pg_role() {
    PGPASSWORD=$DB_PASSWORD psql -h "$DB_HOST" -p "$DB_PORT" -U "$DB_USERNAME" -d "$DB_DATABASE" -v ON_ERROR_STOP=1 -v secret="$DB_PASSWORD" -q <<'SQL'
select 'create role garnetine_app login' where not exists (select from pg_roles where rolname = 'garnetine_app') \gexec
alter role garnetine_app password :'secret';
SQL
    php artisan garnetine:grant garnetine_app
    export DB_USERNAME=garnetine_app
}

# pg_borrow <name>: the same, remembering whether the cluster ran before; pg_give_back stops it if it did not.
pg_borrow() {
    borrowed=""
    pg_runs "$1" || borrowed=$1
    pg_start "$1"
}

pg_give_back() { [ -z "${borrowed:-}" ] || pg_stop "$borrowed"; }

pg_stop() {
    local data
    data=$(pg_data "$1")
    [ -f "$data/postmaster.pid" ] || return 0
    pg_as "$(pg_bin)/pg_ctl" -D "$data" -m fast -w stop >/dev/null 2>&1 || true
}

# What the running application and its tests need from Debian.
runtime_packages=(php8.2-cli php8.2-pgsql php8.2-mbstring php8.2-xml php8.2-curl php8.2-zip php8.2-opcache
    composer unzip postgresql postgresql-client chromium)
