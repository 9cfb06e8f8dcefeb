# Starts the configuration files of deploy/ as they are, but for paths, ports and a certificate of its own. Sourced by the
# operations test and by the bench.
# shellcheck shell=bash

deployed_free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'; }

# deployed_make <root> <at>: the files, in a folder that the pool's user may enter; sets tls, plain, site. APP_* and DB_* must
# be exported before the start.
deployed_make() {
    local root=$1 at=$2 who
    tls=$(deployed_free_port) plain=$(deployed_free_port)
    site="https://garnetine.example.test:$tls"
    openssl req -x509 -newkey rsa:2048 -nodes -days 2 -subj /CN=garnetine.example.test -addext subjectAltName=DNS:garnetine.example.test \
        -keyout "$at/privkey.pem" -out "$at/fullchain.pem" 2>/dev/null
    who=$(id -un)
    [ "$who" = root ] && who=www-data
    sed -e "s#/run/garnetine#$at#; s#/srv/garnetine#$root#; s#/etc/garnetine/tls#$at#; s#listen 80\\b#listen 127.0.0.1:$plain#; s#listen 443 ssl#listen 127.0.0.1:$tls ssl#" \
        -e 's#include fastcgi_params#include /etc/nginx/fastcgi_params#' "$root/deploy/nginx/garnetine.conf" >"$at/site.conf"
    cat >"$at/nginx.conf" <<CONF
daemon off;
pid $at/nginx.pid;
error_log $at/nginx.log;
events {}
http {
    include /etc/nginx/mime.types;
    access_log off;
    client_body_temp_path $at/body; proxy_temp_path $at/proxy; fastcgi_temp_path $at/fastcgi; uwsgi_temp_path $at/uwsgi; scgi_temp_path $at/scgi;
    include $at/site.conf;
}
CONF
    [ "$(id -u)" -eq 0 ] && sed -i "1i user $who;" "$at/nginx.conf"
    sed -e "s#/run/garnetine#$at#; s#= garnetine\$#= $who#; s#= www-data\$#= $who#" "$root/deploy/php-fpm/garnetine.conf" >"$at/pool.conf"
    printf '[global]\nerror_log = %s/fpm.log\ninclude = %s/pool.conf\n' "$at" "$at" >"$at/fpm.conf"
    # The pool's user must read the code and write its caches, wherever this copy lies.
    mkdir -p "$at/storage/logs"
    cp -r "$root/storage/framework" "$at/storage/"
    mkdir -p "$at/storage/framework/views" "$at/storage/framework/cache/data"
    touch "$at/app.log"
    chmod -R 777 "$at/storage"
    chmod 666 "$at/app.log"
    pool_user=$who
    # The pool's user cannot read .env, as in production: what stands there comes from the environment.
    local line
    while IFS= read -r line; do
        [[ $line =~ ^([A-Z_]+)=(.*)$ ]] && [ -z "${!BASH_REMATCH[1]+set}" ] && export "$line"
    done <"$root/.env"
    export LOG_FILE="$at/app.log" LARAVEL_STORAGE_PATH="$at/storage" VIEW_COMPILED_PATH="$at/storage/framework/views" SESSION_SECURE_COOKIE=true APP_URL="$site"
}

# deployed_start <at>: sets nginx and fpm, the processes to end.
deployed_start() {
    local at=$1
    chmod 777 "$at"
    /usr/sbin/php-fpm8.2 -F -y "$at/fpm.conf" $([ "$(id -u)" -eq 0 ] && echo -R) >"$at/fpm-out.log" 2>&1 &
    fpm=$!
    /usr/sbin/nginx -c "$at/nginx.conf" >"$at/nginx-out.log" 2>&1 &
    nginx=$!
    for _ in $(seq 50); do (exec 3<>"/dev/tcp/127.0.0.1/$tls") 2>/dev/null && [ -S "$at/php.sock" ] && return 0; sleep 0.1; done
    return 1
}

deployed_end() {
    local process
    for process in ${nginx:-} ${fpm:-}; do
        kill "$process" 2>/dev/null
        wait "$process" 2>/dev/null
    done
    nginx="" fpm=""
    unset LARAVEL_STORAGE_PATH VIEW_COMPILED_PATH LOG_FILE SESSION_SECURE_COOKIE
}
