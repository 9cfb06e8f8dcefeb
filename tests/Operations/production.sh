#!/usr/bin/env bash
# Starts the configuration files of deploy/ as they are, but for paths, ports and a certificate of its own, and asks them what
# a balancer and a browser would; then a backup and its restore, whole and damaged.
set -euo pipefail
root=$(cd "$(dirname "$0")/../.." && pwd)
cd "$root"
at=$(mktemp -d)
chmod 755 "$at"
checks=0
ok() { checks=$((checks + 1)); }
bad() { printf '✗ operations: %s\n' "$*" >&2; tail -5 "$at"/*.log >&2 2>/dev/null || true; exit 1; }
# shellcheck source=bin/deployed.sh
source bin/deployed.sh
cleanup() {
    deployed_end || true
    rm -rf "$at"
}
trap cleanup EXIT
export APP_ENV=production APP_DEBUG=false APP_KEY="base64:$(head -c 32 /dev/urandom | base64)" QUEUE_CONNECTION=database CACHE_STORE=file SESSION_DRIVER=database
# From nothing: other tests may have left functions behind.
PGPASSWORD=$DB_PASSWORD psql -h "$DB_HOST" -p "$DB_PORT" -U "$DB_USERNAME" -d "$DB_DATABASE" -qc "drop schema public cascade; create schema public" 2>/dev/null
php artisan migrate --force --quiet
APP_ENV=local php artisan garnetine:demo >/dev/null

# --- nginx and php-fpm as in production
deployed_make "$root" "$at"
/usr/sbin/nginx -t -c "$at/nginx.conf" >"$at/nginx-test.log" 2>&1 || bad "nginx refuses deploy/nginx/garnetine.conf: $(cat "$at/nginx-test.log")"; ok
/usr/sbin/php-fpm8.2 -t -y "$at/fpm.conf" >"$at/fpm-test.log" 2>&1 || bad "php-fpm refuses deploy/php-fpm/garnetine.conf: $(cat "$at/fpm-test.log")"; ok
deployed_start "$at" || bad "nginx or php-fpm did not start"; ok
ask() { curl -s --cacert "$at/fullchain.pem" --resolve "garnetine.example.test:$tls:127.0.0.1" --resolve "garnetine.example.test:$plain:127.0.0.1" "$@"; }
code() { ask -o /dev/null -w '%{http_code}' "$@"; }
answer=$(ask "$site/ready")
grep -q '"ready":true' <<<"$answer" || bad "/ready says $answer"; ok
[ "$(code "$site/up")" = 200 ] || bad "/up does not answer"; ok
[ "$(code "$site/login")" = 200 ] || bad "/login answers $(code "$site/login")"; ok
[ "$(code -X POST "$site/demo")" != 200 ] || bad "the demo is open in production"; ok
[ "$(code "http://garnetine.example.test:$plain/login")" = 301 ] || bad "http is not sent to https"; ok
# --- no other name is answered, and none gets into a link
foreign() { curl -sk -o /dev/null -w '%{http_code}' --resolve "evil.example.test:$1:127.0.0.1" "$2" || true; }
[ "$(foreign "$plain" "http://evil.example.test:$plain/login")" = 000 ] || bad "http answers to another name"; ok
[ "$(foreign "$tls" "https://evil.example.test:$tls/login")" = 000 ] || bad "https answers to another name"; ok
[ "$(code -H 'Host: evil.example.test' "$site/login")" = 000 ] || bad "a forged Host is answered with $(code -H 'Host: evil.example.test' "$site/login")"; ok
ask -D "$at/headers" -o /dev/null "http://garnetine.example.test:$plain/login"
grep -qi '^location: https://garnetine.example.test/login' "$at/headers" || bad "http is sent elsewhere"; ok
! grep -qi '^server: .*[0-9]' "$at/headers" || bad "nginx tells its version"; ok
ask -D "$at/headers" -o /dev/null -H 'X-Forwarded-Host: evil.example.test' "$site/jobs"
grep -qi "^location: $site/login" "$at/headers" || bad "a guest is sent elsewhere: $(cat "$at/headers")"; ok
for hidden in server.php .env artisan ../.env; do
    case "$(code --path-as-is "$site/$hidden")" in 404 | 400 | 403) ok ;; *) bad "/$hidden is served" ;; esac
done
asset=$(cd public && find build/assets -name '*.css' | head -1)
ask -D "$at/headers" -o /dev/null "$site/$asset"
grep -qi '^cache-control: .*immutable' "$at/headers" || bad "built files are not cached"; ok
ask -D "$at/headers" -o /dev/null "$site/login"
for header in strict-transport-security content-security-policy x-request-id; do grep -qi "^$header:" "$at/headers" || bad "no header $header"; ok; done
grep -qi '^set-cookie: garnetine_session=.*secure' "$at/headers" || bad "the session's cookie is not for https only"; ok
tail -1 "$at/app.log" | php -r '$line = json_decode(stream_get_contents(STDIN), true); exit(isset($line["context"]["status"]) || isset($line["context"]["request"]) ? 0 : 1);' || bad "the log is no JSON: $(tail -1 "$at/app.log")"; ok
# --- papers, under the host name and its certificate; the browser that prints is led nowhere else
php tests/Operations/issue.php || bad "no plan was issued"
papers() { PGPASSWORD=$DB_PASSWORD psql -h "$DB_HOST" -p "$DB_PORT" -U "$DB_USERNAME" -d "$DB_DATABASE" -tAc "select string_agg(kind || ' ' || state || ' ' || trouble, '; ' order by kind) from papers"; }
PRINT_ADDRESS="127.0.0.1:$tls" PRINT_CERTIFICATE="$at/fullchain.pem" php artisan queue:work --stop-when-empty --quiet
[ "$(papers)" = 'calculation done ; crew done ' ] || bad "papers under a host name: $(papers)"; ok
# --- the database restarts under the running application
(
    # shellcheck source=bin/lib.sh
    source bin/lib.sh
    pg_stop test
    down=$(ask "$site/ready")
    grep -q '"ready":false' <<<"$down" && [ "$(code "$site/ready")" = 503 ] || bad "/ready says $down without a database"
    ask -D "$at/away" "$site/login" >"$at/away.txt"
    grep -q ' 503' "$at/away" && grep -qi '^retry-after' "$at/away" && grep -q 'does not answer just now' "$at/away.txt" || bad "without a database /login says $(head -c 300 "$at/away" "$at/away.txt")"
    pg_start test
) || exit 1
ok
for _ in 1 2 3 4; do answer=$(ask "$site/ready"); done
grep -q '"ready":true' <<<"$answer" && [ "$(code "$site/login")" = 200 ] || bad "the application does not come back with its database: $answer"; ok
deployed_end || true

# --- units, where systemd can judge them
if command -v systemd-analyze >/dev/null; then
    troubles=$(systemd-analyze verify --man=no deploy/systemd/*.service deploy/systemd/*.timer 2>&1 | grep -iE 'deploy/systemd.*(unknown|invalid|fail|missing)' || true)
    [ -z "$troubles" ] || bad "systemd: $troubles"; ok
fi

# --- backup, restore, and a damaged backup
php artisan garnetine:company 'Elder Roofs' 'E. Lder' elder@example.test >/dev/null
before=$(PGPASSWORD=$DB_PASSWORD psql -h "$DB_HOST" -p "$DB_PORT" -U "$DB_USERNAME" -d "$DB_DATABASE" -tAc 'select count(*), max(hash) from designs')
[ "${before%|*}" -gt 0 ] || bad "no design to keep"; ok
bin/backup "$at/whole.dump" >/dev/null || bad "no backup"; ok
! bin/backup "$at/whole.dump" >/dev/null 2>&1 || bad "a backup was overwritten"; ok
query() { PGPASSWORD=$DB_PASSWORD psql -h "$DB_HOST" -p "$DB_PORT" -U "$DB_USERNAME" -d "$DB_DATABASE" -v ON_ERROR_STOP=1 -qtAc "$1"; }
php artisan migrate:fresh --force --quiet
cp "$at/whole.dump" "$at/alien.dump"
! bin/restore "$at/alien.dump" >"$at/restore.log" 2>&1 || bad "an unsigned backup was restored"; ok
grep -q 'no signature' "$at/restore.log" || bad "an unsigned backup is refused for another reason: $(cat "$at/restore.log")"; ok
bin/restore "$at/whole.dump" >"$at/restore.log" || bad "no restore: $(cat "$at/restore.log")"; ok
[ "$(query 'select count(*) from sessions')" = 0 ] || bad "sessions came back with the backup"; ok
after=$(PGPASSWORD=$DB_PASSWORD psql -h "$DB_HOST" -p "$DB_PORT" -U "$DB_USERNAME" -d "$DB_DATABASE" -tAc 'select count(*), max(hash) from designs')
[ "$before" = "$after" ] || bad "restored $after instead of $before"; ok
head -c $(($(stat -c %s "$at/whole.dump") * 2 / 3)) "$at/whole.dump" >"$at/damaged.dump"
! bin/restore --unsigned "$at/damaged.dump" >/dev/null 2>&1 || bad "a damaged backup was restored"; ok
[ "$after" = "$(PGPASSWORD=$DB_PASSWORD psql -h "$DB_HOST" -p "$DB_PORT" -U "$DB_USERNAME" -d "$DB_DATABASE" -tAc 'select count(*), max(hash) from designs')" ] || bad "a damaged backup changed something"; ok
# Whole, but a design in it is not what was saved; told apart too where the settings are cached, as in production.
forged="${DB_DATABASE}_forged"
PGPASSWORD=$DB_PASSWORD createdb -h "$DB_HOST" -p "$DB_PORT" -U "$DB_USERNAME" -T "$DB_DATABASE" "$forged"
PGPASSWORD=$DB_PASSWORD psql -h "$DB_HOST" -p "$DB_PORT" -U "$DB_USERNAME" -d "$forged" -v ON_ERROR_STOP=1 -qc "alter table designs disable trigger user; update designs set hash = repeat('0', 64) where id = (select min(id) from designs)"
DB_DATABASE=$forged bin/backup "$at/forged.dump" >/dev/null || bad "no backup of the forged database"
PGPASSWORD=$DB_PASSWORD dropdb -h "$DB_HOST" -p "$DB_PORT" -U "$DB_USERNAME" "$forged"
APP_CONFIG_CACHE="$at/config.php" php artisan config:cache --quiet
! APP_CONFIG_CACHE="$at/config.php" bin/restore "$at/forged.dump" >"$at/restore.log" 2>&1 || bad "a backup with a forged design was restored: $(cat "$at/restore.log")"; ok
grep -q 'is not what was saved' "$at/restore.log" || bad "the forged design was not named: $(cat "$at/restore.log")"; ok
# Whole and verified, but a trigger that guards the designs is off.
PGPASSWORD=$DB_PASSWORD createdb -h "$DB_HOST" -p "$DB_PORT" -U "$DB_USERNAME" -T "$DB_DATABASE" "$forged"
PGPASSWORD=$DB_PASSWORD psql -h "$DB_HOST" -p "$DB_PORT" -U "$DB_USERNAME" -d "$forged" -v ON_ERROR_STOP=1 -qc "alter table designs disable trigger designs_append_only"
DB_DATABASE=$forged bin/backup "$at/open.dump" >/dev/null || bad "no backup of the open database"
PGPASSWORD=$DB_PASSWORD dropdb -h "$DB_HOST" -p "$DB_PORT" -U "$DB_USERNAME" "$forged"
! bin/restore "$at/open.dump" >"$at/restore.log" 2>&1 || bad "a backup without its triggers was restored"; ok
grep -q 'triggers or constraints' "$at/restore.log" || bad "the missing trigger was not named: $(cat "$at/restore.log")"; ok
for old in $(PGPASSWORD=$DB_PASSWORD psql -h "$DB_HOST" -p "$DB_PORT" -U "$DB_USERNAME" -d postgres -tAc "select datname from pg_database where datname like '${DB_DATABASE}_before_%'"); do
    PGPASSWORD=$DB_PASSWORD dropdb -h "$DB_HOST" -p "$DB_PORT" -U "$DB_USERNAME" "$old"
done
printf 'operations: %d checks hold\n' "$checks"
